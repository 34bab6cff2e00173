package almanac.core.judgement.compare;

import almanac.core.inspection.Inspection;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.medium.PottedOn;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Optional;
import java.util.stream.Stream;

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
    while (since.isAfter(first)) {
      var before = dayBefore(situation, since, first);
      if (!asked(judge, situation, before, judged)) {
        return Optional.of(firstAsked(judge, situation, before, since, judged));
      }
      since = before;
    }
    return Optional.of(since);
  }

  /** The day before on which somebody looked, or the Monday before; what lies between is alike. */
  private static LocalDate dayBefore(Situation situation, LocalDate day, LocalDate first) {
    var monday = day.with(TemporalAdjusters.previous(DayOfWeek.MONDAY));
    return Stream.concat(
            Stream.of(monday, first),
            situation.history().inspections().stream().map(Inspection::on))
        .filter(each -> each.isBefore(day))
        .max(LocalDate::compareTo)
        .orElse(first);
  }

  private static LocalDate firstAsked(
      Judge judge, Situation situation, LocalDate notYet, LocalDate asked, Judgement judged) {
    var since = asked;
    while (since.isAfter(notYet.plusDays(1))
        && asked(judge, situation, since.minusDays(1), judged)) {
      since = since.minusDays(1);
    }
    return since;
  }

  private static boolean asked(Judge judge, Situation situation, LocalDate day, Judgement judged) {
    return judge.judge(situation.asOf(day)).verdict().asksAs(judged.verdict());
  }

  private static LocalDate first(Situation situation) {
    return situation.history().potting().pottedOn() instanceof PottedOn.Between between
        ? between.latest()
        : situation.standsSince();
  }
}
