package almanac.core.judgement.verdict;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.Choice;
import almanac.core.judgement.moments.Moment;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import java.time.LocalDate;
import java.util.List;

/** What a plant that should be moved has to wait for. Rules: Wait for. */
final class Waiting {
  private static final int DAYS_A_YEAR = 365;

  private Waiting() {}

  static Wait of(Evidence evidence, Choice choice) {
    var today = evidence.today();
    if (evidence.rootless()) {
      var came = evidence.situation().arrival().orElseThrow().on();
      var year = came.plusDays(evidence.figures().count(ReadinessFigures.ROOTLESS_DAYS));
      return new Wait(List.of(WaitCondition.OWN_ROOTS), today, year, year);
    }
    if (looksFirst(evidence, choice)) {
      int soon = evidence.figures().count(JudgementFigures.LOOK_FIRST);
      return new Wait(List.of(WaitCondition.LOOK_AT_ROOTS), today, today, today.plusDays(soon));
    }
    return choice.awaited().map(Moment::awaited).orElseGet(() -> elsewhere(today));
  }

  /** One look decides whether today is the day. */
  private static boolean looksFirst(Evidence evidence, Choice choice) {
    if (!evidence.unseenRoots() || evidence.rule() == ReadyRule.START_OF_GROWTH) {
      return false;
    }
    boolean goesOn =
        evidence.kind().of(Trait.READY_RULE) == ReadyRule.TIPS_GROWING
            && evidence
                .situation()
                .conditions()
                .warm(evidence.today(), evidence.kind().warmth(), evidence.figures());
    return goesOn || choice.lookFirst();
  }

  /** Where it stands no day of the year carries a move. */
  private static Wait elsewhere(LocalDate today) {
    return new Wait(
        List.of(WaitCondition.BETTER_PLACE),
        today,
        today.plusDays(DAYS_A_YEAR / 2),
        today.plusDays(DAYS_A_YEAR));
  }
}
