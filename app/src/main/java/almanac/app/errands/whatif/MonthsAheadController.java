package almanac.app.errands.whatif;

import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The year that lies ahead of a plant, if nothing is done meanwhile. */
@RestController
class MonthsAheadController {
  private final Plants plants;
  private final Judging judging;
  private final Today today;

  MonthsAheadController(Plants plants, Judging judging, Today today) {
    this.plants = plants;
    this.judging = judging;
    this.today = today;
  }

  @GetMapping("/api/plants/{id}/months-ahead")
  @Operation(summary = "How much a plant will want a move, and how well it would take one, by week")
  MonthsAheadView monthsAhead(@PathVariable long id) {
    var plant = plants.one(id);
    var day = today.get();
    return MonthsAheadView.of(
        judging.judge(plant).monthsAhead(judging.situation(plant, day), judging.judge(plant, day)));
  }
}
