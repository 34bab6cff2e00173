package almanac.app.record.places;

import almanac.core.history.Approach;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Month;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A place where plants stand.
 *
 * @param kind what sort of place it is
 * @param walk its turn when the places are walked along
 * @param lampHours hours a day that lamps are on; null where the sun alone gives light
 * @param means mean temperatures from January to December, °C; null where nobody has measured
 * @param approach how plants are judged here; null where the collection's own approach holds
 */
public record Place(
    long id,
    String name,
    PlaceKind kind,
    int walk,
    @Schema(
            nullable = true,
            description = "Hours a day that lamps are on; null where the sun leads")
        @Nullable Double lampHours,
    @Schema(
            nullable = true,
            description = "Means from January to December, °C; null where nobody has measured")
        @Nullable List<Double> means,
    @Schema(nullable = true, description = "Null where the collection's approach holds")
        @Nullable Approach approach) {

  /** What follows from them is remembered with them, for all plants there. */
  private static final Cache<Place, Conditions> KNOWN = Caffeine.newBuilder().weakKeys().build();

  /** Light and warmth there. */
  public Conditions conditions(LightYear light) {
    var known = KNOWN.getIfPresent(this);
    if (known == null || known.light() != light) {
      known = measured(light);
      KNOWN.put(this, known);
    }
    return known;
  }

  private Conditions measured(LightYear light) {
    return new Conditions(
        light,
        lampHours == null ? OptionalDouble.empty() : OptionalDouble.of(lampHours),
        means == null ? Optional.empty() : Optional.of(temperatures(means)));
  }

  /**
   * @param means twelve, from January on, °C
   * @throws almanac.core.refusals.Refused if there are not twelve or one is out of range
   */
  public static Temperatures temperatures(List<Double> means) {
    var byMonth = new EnumMap<Month, Double>(Month.class);
    for (int i = 0; i < means.size() && i < Month.values().length; i++) {
      byMonth.put(Month.of(i + 1), means.get(i));
    }
    return Temperatures.of(byMonth);
  }
}
