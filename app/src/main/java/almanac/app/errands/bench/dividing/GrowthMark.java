package almanac.app.errands.bench.dividing;

import almanac.core.bench.Parting;
import almanac.core.pot.Spot;
import almanac.core.rhizome.RhizomeMap;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What follows for one growth from the whole map. */
public record GrowthMark(
    String growth,
    @Schema(description = "Where it goes on, degrees clockwise from 12 o'clock") double degrees,
    @Schema(description = "The same as an hour of the clock, 1 to 12") int hour,
    @Schema(nullable = true, description = "The letter of its piece; null where nothing is cut")
        @Nullable String piece) {

  /** The marks of a map that is not cut, in the order of its growths. */
  public static List<GrowthMark> of(RhizomeMap map) {
    return of(map, Optional.empty());
  }

  /** The marks of a map, in the order of its growths. */
  public static List<GrowthMark> of(RhizomeMap map, Parting parting) {
    return of(map, Optional.of(parting));
  }

  private static List<GrowthMark> of(RhizomeMap map, Optional<Parting> parting) {
    return map.growths().stream()
        .map(
            growth -> {
              double degrees = map.way(growth);
              return new GrowthMark(
                  growth.name(),
                  degrees,
                  Spot.hourOf(degrees),
                  parting.flatMap(each -> each.letterAt(growth)).orElse(null));
            })
        .toList();
  }
}
