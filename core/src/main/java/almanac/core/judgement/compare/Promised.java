package almanac.core.judgement.compare;

import almanac.core.inspection.Inspection;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A judgement that keeps the last day it named before: while the same is asked for and nobody
 * looks, passing time moves it no more than the day since when. Rules: From need to verdict, since
 * and by.
 */
public final class Promised {
  private Promised() {}

  /** The judgement of a situation, with the last day that was promised. */
  public static Judgement of(Judge judge, Situation situation) {
    var judged = judge.judge(situation);
    return of(judge, situation, judged, Since.of(judge, situation, judged));
  }

  /**
   * @param judged as it is judged by itself
   * @param since the day since when it asks for what it asks for; nothing if it asks for nothing
   */
  public static Judgement of(
      Judge judge, Situation situation, Judgement judged, Optional<LocalDate> since) {
    if (since.isEmpty()
        || judged.timing().lastDay().isEmpty()
        || judged.verdict() == Verdict.LIFT_AND_LOOK) {
      return judged;
    }
    var promisedOn =
        situation.history().inspections().stream()
            .map(Inspection::on)
            .filter(day -> day.isAfter(since.get()))
            .reduce(since.get(), (one, other) -> other.isAfter(one) ? other : one);
    if (!promisedOn.isBefore(situation.today())) {
      return judged;
    }
    return judge
        .judge(situation.asOf(promisedOn))
        .timing()
        .lastDay()
        .filter(by -> !judged.timing().lastDay().get().equals(by))
        .map(by -> judge.judge(situation, by))
        .orElse(judged);
  }
}
