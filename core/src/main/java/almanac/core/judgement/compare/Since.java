package almanac.core.judgement.compare;

import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Since when a verdict has asked for what it asks for: each day before is judged by what was known
 * on it. Rules: From need to verdict, since and by.
 */
public final class Since {
  private Since() {}

  /**
   * The first of the days on end on which it was asked for, not before it was potted or came.
   *
   * @return nothing where nothing is asked for
   */
  public static Optional<LocalDate> of(Judge judge, Situation situation, Judgement judged) {
    if (!judged.verdict().inHand()) {
      return Optional.empty();
    }
    var first = first(situation);
    var since = situation.today();
    while (since.isAfter(first) && asked(judge, situation, since.minusDays(1), judged)) {
      since = since.minusDays(1);
    }
    return Optional.of(since);
  }

  private static boolean asked(Judge judge, Situation situation, LocalDate day, Judgement judged) {
    return judge.judge(situation.asOf(day)).verdict() == judged.verdict();
  }

  private static LocalDate first(Situation situation) {
    return situation.history().potting().pottedOn() instanceof PottedOn.Between between
        ? between.latest()
        : situation.standsSince();
  }
}
