package almanac.app.record.entries;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.refusals.Refused;
import jakarta.validation.constraints.NotNull;
import java.util.EnumMap;
import java.util.List;

/** One component of a mix and its parts by volume. */
public record MixPart(
    @NotNull(message = "Choose a component.") Component component,
    @NotNull(message = "Give the number of parts.") Double parts) {

  /**
   * The mix of these parts; a component that stands twice counts twice.
   *
   * @throws Refused if they add up to nothing, or a number of parts makes no sense
   */
  public static Mix mix(List<MixPart> parts) {
    var amounts = new EnumMap<Component, Double>(Component.class);
    parts.forEach(part -> amounts.merge(part.component(), part.parts(), Double::sum));
    return new Mix(amounts);
  }

  /** The parts of a mix. */
  public static List<MixPart> of(Mix mix) {
    return mix.parts().entrySet().stream()
        .sorted(java.util.Map.Entry.comparingByKey())
        .map(part -> new MixPart(part.getKey(), part.getValue()))
        .toList();
  }
}
