package almanac.app.errands.tuning;

import almanac.app.record.rules.Rules;
import almanac.core.holding.HoldingFigures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.season.SeasonFigures;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BoundsController {
  private final Rules rules;

  BoundsController(Rules rules) {
    this.rules = rules;
  }

  /** The figures in force that pages are drawn by. */
  record Bounds(
      Verdicts verdicts,
      Soaks soaks,
      @Schema(description = "Hours a day that lamps are on where nobody says more")
          double lampHours) {}

  /** Where need and readiness turn into verdicts, in points. */
  record Verdicts(double leaveBelow, double mustFrom, double goodMoment, double readyEnough) {}

  /** How long a pot soaks, in minutes, and what its pH says. */
  record Soaks(int minutes, double asUsualFrom, double raisedFrom, double feedMost) {}

  @GetMapping("/api/bounds")
  @Operation(summary = "The figures in force that pages are drawn by")
  Bounds bounds() {
    var figures = rules.figures();
    return new Bounds(
        new Verdicts(
            figures.of(JudgementFigures.LEAVE_BELOW),
            figures.of(JudgementFigures.MUST_FROM),
            figures.of(JudgementFigures.GOOD_MOMENT),
            figures.of(JudgementFigures.READY_ENOUGH)),
        new Soaks(
            figures.count(HoldingFigures.SOAK_MINUTES),
            figures.of(HoldingFigures.AS_USUAL_FROM),
            figures.of(HoldingFigures.RAISED_FROM),
            figures.of(HoldingFigures.FEED_MOST)),
        figures.of(SeasonFigures.LAMP_HOURS));
  }
}
