package almanac.core.ahead;

import almanac.core.figures.Figures;
import almanac.core.season.Weeks;
import almanac.core.stock.Stock;
import java.time.LocalDate;
import java.time.Period;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * The coming year of a collection: the rest of this month, and the twelve months after it. Rules:
 * The year ahead.
 */
public final class CollectionAhead {
  private static final int MONTHS = 12;

  private final LocalDate today;
  private final Figures figures;
  private final Futures futures;
  private final LocalDate end;
  private final List<PartOfYear> weeks;
  private final List<PartOfYear> months;
  private final PartOfYear year;

  /**
   * @param moves at most one of each plant
   * @param seed the same one gives the same figures
   */
  public CollectionAhead(List<MoveAhead> moves, LocalDate today, long seed, Figures figures) {
    this.today = today;
    this.figures = figures;
    this.futures = new Futures(moves, today, seed, figures);
    var month = YearMonth.from(today);
    this.end = month.plusMonths(MONTHS).atEndOfMonth();
    var monday = Weeks.monday(today);
    this.weeks =
        parts(
            monday.datesUntil(end.plusDays(1), Period.ofWeeks(1)).toList(),
            day -> (int) ChronoUnit.WEEKS.between(monday, day));
    this.months =
        parts(
            IntStream.rangeClosed(0, MONTHS).mapToObj(i -> month.plusMonths(i).atDay(1)).toList(),
            day -> (int) ChronoUnit.MONTHS.between(month, YearMonth.from(day)));
    this.year = parts(List.of(today), day -> 0).get(0);
  }

  private List<PartOfYear> parts(List<LocalDate> starts, ToIntFunction<LocalDate> partOf) {
    var sums = starts.stream().map(PartOfYear.Sum::new).toList();
    var parts = today.datesUntil(end.plusDays(1)).mapToInt(partOf).toArray();
    var moves = futures.moves();
    for (int move = 0; move < moves.size(); move++) {
      for (int run = 0; run < Futures.RUNS; run++) {
        int day = futures.day(move, run);
        if (day < parts.length) {
          sums.get(parts[day]).add(moves.get(move), run);
        }
      }
    }
    return PartOfYear.all(sums, figures);
  }

  /** Its last day. */
  public LocalDate end() {
    return end;
  }

  /** Each from its Monday. */
  public List<PartOfYear> weeks() {
    return weeks;
  }

  /** Each from its first; the first of them is under way. */
  public List<PartOfYear> months() {
    return months;
  }

  /** All of it. */
  public PartOfYear year() {
    return year;
  }

  /** Which weeks have no room for what comes in them. */
  public Overflow against(Hours hours) {
    return new Overflow(futures, weeks, hours, today, figures);
  }

  /** What has to be bought so that it suffices. */
  public List<ToBuy> shopping(Stock stock) {
    return YearShopping.of(futures, stock, today, end, figures);
  }
}
