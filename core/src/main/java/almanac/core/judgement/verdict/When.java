package almanac.core.judgement.verdict;

import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import java.time.LocalDate;

/** When a verdict is meant. Rules: From need to verdict. */
final class When {
  private When() {}

  static Timing of(Verdict verdict, Method method, Evidence evidence, double need) {
    var today = evidence.today();
    var figures = evidence.figures();
    return switch (verdict) {
      case LEAVE, WATCH, ADJUST_CARE -> new Timing.Open();
      case RESCUE, LET_GO -> new Timing.Now();
      case LIFT_AND_LOOK ->
          new Timing.Until(today.plusDays(figures.count(JudgementFigures.LIFT_WITHIN)));
      case WAIT_FOR -> new Timing.Waits(Waiting.of(evidence, method, need));
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE -> {
        if (evidence.rim().filter(Rim.DEFORMING::equals).isPresent()) {
          yield new Timing.Now();
        }
        var until = until(evidence);
        yield need < figures.of(JudgementFigures.MUST_FROM)
            ? new Timing.Between(today, until)
            : new Timing.Until(until);
      }
    };
  }

  /**
   * As long as the nubs last, else within some weeks; and not beyond the season that carries it.
   */
  private static LocalDate until(Evidence evidence) {
    var today = evidence.today();
    var figures = evidence.figures();
    var until =
        Soon.nubsEnd(evidence)
            .filter(day -> !day.isBefore(today))
            .orElseGet(() -> today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN)));
    return evidence
        .situation()
        .conditions()
        .gateOpenUntil(today, evidence.kind().warmth(), figures)
        .filter(last -> last.isBefore(until))
        .orElse(until);
  }
}
