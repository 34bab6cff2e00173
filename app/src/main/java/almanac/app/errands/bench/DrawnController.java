package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.GrowthMark;
import almanac.app.errands.bench.dividing.MapEntry;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.core.bench.Parting;
import almanac.core.rhizome.LeadPace;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DrawnController {
  private final Plants plants;
  private final Rules rules;

  DrawnController(Plants plants, Rules rules) {
    this.plants = plants;
    this.rules = rules;
  }

  /** A plant seen from above. */
  record Drawn(
      @Schema(nullable = true, description = "Null where nobody has drawn it")
          @Nullable MapEntry map,
      List<GrowthMark> marks,
      @Schema(description = "Half of what a growth is across, mm") double radiusMm) {}

  @GetMapping("/api/plants/{id}/map")
  @Operation(summary = "A plant as it was drawn last, with what has grown since")
  Drawn drawn(@PathVariable long id) {
    var plant = plants.one(id);
    var whole = plants.whole(id);
    if (Parting.last(whole).isEmpty()) {
      return new Drawn(null, List.of(), 0);
    }
    var map = Parting.sketch(whole, plant.follows());
    return new Drawn(
        MapEntry.of(map),
        GrowthMark.of(map),
        map.outline(plant.follows(), LeadPace.of(plant.follows()), rules.figures()).radiusMm());
  }
}
