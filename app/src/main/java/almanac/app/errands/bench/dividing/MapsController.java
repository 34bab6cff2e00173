package almanac.app.errands.bench.dividing;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.core.pot.Spot;
import almanac.core.refusals.Longest;
import almanac.core.rhizome.Redrawn;
import almanac.core.rhizome.RhizomeMap;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MapsController {

  /** What may be changed of a map, one growth at a time. */
  enum MapChange {
    @Schema(description = "One more: in front of a lead, or as another lead beside it")
    GROWN,
    @Schema(description = "It is not there; what hung on it hangs together")
    GONE,
    @Schema(description = "Set by its distance from the rim and the clock")
    AT_THE_RIM,
    @Schema(description = "Going on towards another hour of the clock")
    TURNED
  }

  /** A rhizome as it is drawn, and what is to be changed. */
  @Schema(example = RedrawnExample.ONE_MORE)
  record MapAsked(
      @NotNull(message = "Give the map.") @Valid MapEntry map,
      @NotNull(message = "Say how it is changed.") MapChange change,
      @NotNull(message = "Name the growth.")
          @Size(max = Longest.GROWTH, message = "A growth's name has at most {max} characters.")
          String name,
      @Schema(nullable = true, description = "From growth to growth, mm; for one more")
          @Nullable Double stepMm,
      @Schema(nullable = true, description = "For another place or direction, 1 to 12")
          @Nullable Integer hour,
      @Schema(nullable = true, description = "From the rim, mm; for another place")
          @Nullable Double toRimMm,
      @Schema(nullable = true, description = "The pot across, mm; for another place")
          @Nullable Double potMm,
      @Schema(nullable = true, description = "The pot's middle, mm towards 3 o'clock; else 0")
          @Nullable Double middleX,
      @Schema(nullable = true, description = "The pot's middle, mm towards 12 o'clock; else 0")
          @Nullable Double middleY) {

    RhizomeMap redrawn() {
      var at = Redrawn.at(Paths.under("map", () -> map.map()), name);
      return switch (change) {
        case GROWN -> at.grown(given("stepMm", stepMm));
        case GONE -> at.without();
        case TURNED -> at.turned(given("hour", hour));
        case AT_THE_RIM ->
            at.atTheRim(
                given("toRimMm", toRimMm),
                given("hour", hour),
                given("potMm", potMm),
                new Spot(middleX == null ? 0 : middleX, middleY == null ? 0 : middleY));
      };
    }

    private static <T> T given(String field, @Nullable T value) {
      if (value == null) {
        throw new BadEntry(field, "This change needs it.");
      }
      return value;
    }
  }

  /** A rhizome as it is drawn now. */
  record MapAnswer(MapEntry map, List<GrowthMark> marks) {}

  @Reckons
  @PostMapping("/api/maps")
  @Operation(
      summary = "A rhizome drawn anew by one growth; nothing is stored",
      description = "A growth that was added is the last of the map.")
  MapAnswer redrawn(@Valid @RequestBody MapAsked asked) {
    var map = asked.redrawn();
    return new MapAnswer(MapEntry.of(map), GrowthMark.of(map));
  }
}
