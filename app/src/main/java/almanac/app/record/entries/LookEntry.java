package almanac.app.record.entries;

import almanac.app.ground.refusals.BadEntry;
import almanac.core.figures.Figures;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.LookSpot;
import almanac.core.refusals.Refused;
import almanac.core.words.Answer;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What was found at one item; an item without an entry was not looked at. */
public record LookEntry(
    @Schema(description = "Names of the item's answers; none if only a measure was taken")
        @NotNull(message = "Give a list of answers; it may be empty.")
        List<@NotBlank(message = "An answer has a name.") String> answers,
    @Schema(nullable = true, description = "What was measured, in the item's own measure")
        Double measured) {

  /**
   * An inspection from its entries.
   *
   * @throws Refused naming the item, if it is unknown or its entry cannot be right
   */
  public static Inspection inspection(
      LocalDate on, Map<String, @Nullable LookEntry> looks, Figures figures) {
    var inspection = Inspection.on(on);
    for (var look : looks.entrySet()) {
      var spot =
          LookSpot.named(look.getKey())
              .orElseThrow(
                  () ->
                      new BadEntry("looks." + look.getKey(), "There is no such thing to look at."));
      if (look.getValue() != null) {
        inspection = with(inspection, spot.item(), spot.lead(), look.getValue(), figures);
      }
    }
    return inspection;
  }

  /** The entries of an inspection. */
  public static Map<String, LookEntry> of(Inspection inspection) {
    var entries = new LinkedHashMap<String, LookEntry>();
    inspection.findings().forEach((spot, finding) -> entries.put(spot.key(), entry(finding)));
    return entries;
  }

  private static LookEntry entry(Finding<?> finding) {
    return new LookEntry(
        finding.answers().stream().map(answer -> ((Answer) answer).name()).sorted().toList(),
        finding.measured().isPresent() ? finding.measured().getAsDouble() : null);
  }

  private static <A extends Enum<A> & Answer> Inspection with(
      Inspection inspection, Item<A> item, Lead lead, LookEntry entry, Figures figures) {
    return inspection.with(
        item, lead, item.found(lead, entry.answers(), entry.measured(), figures));
  }
}
