package almanac.app.errands.ahead;

import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class YearAheadController {
  private final CollectionYear year;
  private final Today today;

  YearAheadController(CollectionYear year, Today today) {
    this.year = year;
    this.today = today;
  }

  @GetMapping("/api/year-ahead")
  @Operation(
      summary = "How much the coming year will probably ask, week by week and month by month",
      description =
          """
          Each plant's next move as its slip foretells it, in many futures with the same seed: so
          many moves and minutes, each with the range in which nine years of ten lie; which weeks
          have no room for theirs; and what to buy so that nothing of it runs out in nine years of
          ten. Nothing is stored.""")
  YearAheadPage ahead() {
    return year.on(today.get());
  }
}
