package almanac.app.errands.benchdays;

import almanac.app.errands.bench.DayPlan;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NeedsController {
  private final AllNeeds needs;
  private final Today today;

  NeedsController(AllNeeds needs, Today today) {
    this.needs = needs;
    this.today = today;
  }

  @GetMapping("/api/bench-needs")
  @Operation(
      summary = "What the bench needs, and what runs short and by when; nothing is stored",
      description =
          """
          Things and mixes are for what is in hand: open jobs, and plants that were pulled aside.
          What runs short is one sum of that and of all that lies on the bench days or waits for
          one. What is only lifted and looked at counts by its chance.""")
  DayPlan.Needs needs() {
    return needs.on(today.get());
  }
}
