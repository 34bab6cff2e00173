package almanac.core.ahead;

import almanac.core.judgement.moments.DayAhead;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.stock.StockNeed;
import java.time.LocalDate;
import java.util.List;

/**
 * A move that a plant asks for, or will probably ask for. Rules: The year ahead.
 *
 * @param plant by which its collection knows it
 * @param verdict what is done then
 * @param coming when it comes to be done
 * @param carries for so many days after that it may wait without harm
 * @param need how much it wants it today, 0 to 100
 * @param shut the days of the year, week by week, on which light and warmth do not carry it
 * @param minutes how long it takes
 * @param chance how likely it uses up what it takes, above 0 to 1
 * @param takes what it takes from the stock
 */
public record MoveAhead(
    String plant,
    Verdict verdict,
    Coming coming,
    int carries,
    double need,
    List<LocalDate> shut,
    int minutes,
    double chance,
    StockNeed takes) {
  public MoveAhead {
    shut = List.copyOf(shut);
  }

  /** Its likely day. */
  LocalDate likely() {
    return coming.likely();
  }

  /**
   * The day on which it would come, so far from the middle; what comes in the dark waits.
   *
   * @param today no move comes before it
   */
  LocalDate at(double z, LocalDate today) {
    var day = coming.at(z);
    if (day.isBefore(today)) {
      day = today;
    }
    for (var week : shut) {
      if (!day.isBefore(week) && day.isBefore(week.plusWeeks(1))) {
        day = week.plusWeeks(1);
      }
    }
    return day;
  }

  /** The weeks in which it waits, unless it is moved in the dark as well. */
  static List<LocalDate> shut(List<DayAhead> weeks, LocalDate likely) {
    boolean inTheDark =
        weeks.stream()
            .anyMatch(
                week ->
                    !week.open()
                        && !likely.isBefore(week.day())
                        && likely.isBefore(week.day().plusWeeks(1)));
    return inTheDark
        ? List.of()
        : weeks.stream().filter(week -> !week.open()).map(DayAhead::day).toList();
  }
}
