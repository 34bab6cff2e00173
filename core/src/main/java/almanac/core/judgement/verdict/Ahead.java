package almanac.core.judgement.verdict;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.moments.Choice;
import almanac.core.judgement.moments.Moment;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What today was held against. Rules: The moments ahead.
 *
 * @param moments every moment ahead for the method that is meant, today first
 * @param deadline the day by which it should not be in its pot any longer; nothing if none is in
 *     sight
 * @param nextMove when the next move is to be expected, and what brings it about; nothing where
 *     none will be
 */
public record Ahead(List<Moment> moments, Optional<LocalDate> deadline, Optional<Wait> nextMove) {

  /** The day for which it was judged. */
  public LocalDate today() {
    return moments.get(0).likely();
  }

  static Ahead of(Verdict verdict, Timing timing, Choice choice, Evidence evidence) {
    return new Ahead(
        choice.moments(), choice.deadline(), nextMove(verdict, timing, choice, evidence));
  }

  private static Optional<Wait> nextMove(
      Verdict verdict, Timing timing, Choice choice, Evidence evidence) {
    var today = evidence.today();
    if (verdict == Verdict.LET_GO) {
      return Optional.empty();
    }
    if (timing instanceof Timing.Waits waits
        && !waits.awaited().conditions().equals(List.of(WaitCondition.LOOK_AT_ROOTS))) {
      return Optional.of(waits.awaited());
    }
    if (timing.lastDay().isPresent()) {
      return Optional.of(from(today, timing.lastDay().get()));
    }
    if (timing instanceof Timing.Now) {
      return Optional.of(from(today, today));
    }
    return choice
        .expected()
        .map(
            moment ->
                moment == choice.today()
                    ? from(today, When.lastDay(evidence, choice))
                    : moment.awaited());
  }

  private static Wait from(LocalDate today, LocalDate until) {
    return new Wait(List.of(), today, today, until.isBefore(today) ? today : until);
  }
}
