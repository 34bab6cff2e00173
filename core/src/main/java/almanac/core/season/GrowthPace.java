package almanac.core.season;

import almanac.core.figures.Figures;
import almanac.core.kinds.Warmth;
import java.time.LocalDate;
import java.time.Year;
import java.util.Arrays;

/**
 * How fast roots lengthen at one place through the year, as a share of what their kind does in warm
 * and light weeks. Rules: Season and conditions.
 */
public final class GrowthPace {
  private static final int DAYS_A_YEAR = 365;
  private static final int ANY_YEAR = 2027;
  private static final int LAST_OF_FEBRUARY = 59;
  private static final double DAYS_A_WEEK = 7;

  /** Nobody plans further ahead. */
  private static final int YEARS_AHEAD = 10;

  /** Full days of growth before each day of a year; a leap day adds none. */
  private final double[] before = new double[DAYS_A_YEAR + 1];

  private GrowthPace() {}

  /** The same all the year round, as fast as the kind can. */
  public static GrowthPace full() {
    var pace = new GrowthPace();
    for (int day = 0; day <= DAYS_A_YEAR; day++) {
      pace.before[day] = day;
    }
    return pace;
  }

  /** As the light and the warmth of a place allow it. */
  public static GrowthPace at(Conditions conditions, Warmth wanted, Figures figures) {
    var pace = new GrowthPace();
    double slowest = figures.of(SeasonFigures.SLOWEST_PACE) / 100;
    double dark = figures.of(SeasonFigures.DARK);
    double inTheDark = figures.of(SeasonFigures.DARK_PACE) / 100;
    double aLightHour = (1 - inTheDark) / (figures.of(SeasonFigures.LEAST_LIGHT) - dark);
    for (int day = 0; day < DAYS_A_YEAR; day++) {
      double lit = inTheDark + Math.max(0, conditions.hoursIn(day) - dark) * aLightHour;
      double share = warmth(conditions, wanted, day, figures) * Math.min(1, lit);
      pace.before[day + 1] = pace.before[day] + Math.max(slowest, share);
    }
    return pace;
  }

  /** Where nobody has measured, the warmth is not doubted. */
  private static double warmth(
      Conditions conditions, Warmth wanted, int dayOfYear, Figures figures) {
    if (conditions.means().isEmpty()) {
      return 1;
    }
    double middle = (wanted.nightLeast() + wanted.dayMost()) / 2;
    double colder =
        middle - conditions.means().get().on(LocalDate.ofYearDay(ANY_YEAR, dayOfYear + 1));
    return colder <= 0 ? 1 : Math.pow(2, -colder / figures.of(SeasonFigures.COLD_HALVES));
  }

  /** The full weeks of growth between two days; 0 if the second is not later. */
  public double weeks(LocalDate from, LocalDate to) {
    return from.isBefore(to) ? (upTo(to) - upTo(from)) / DAYS_A_WEEK : 0;
  }

  /**
   * The first day on which so many full weeks of growth are over.
   *
   * @return the day, at the latest ten years on
   */
  public LocalDate after(LocalDate from, double weeks) {
    var end = from.plusYears(YEARS_AHEAD);
    double target = upTo(from) + Math.max(0, weeks) * DAYS_A_WEEK;
    if (!(target < upTo(end))) {
      return end;
    }
    double aYear = before[DAYS_A_YEAR];
    int year = (int) Math.floor(target / aYear);
    int found = Arrays.binarySearch(before, target - year * aYear);
    int day = found >= 0 ? found : -found - 1;
    return day >= DAYS_A_YEAR ? LocalDate.of(year + 1, 1, 1) : dayOfYear(year, day);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof GrowthPace pace && Arrays.equals(before, pace.before);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(before);
  }

  private double upTo(LocalDate day) {
    int ofYear = day.getDayOfYear() - 1;
    boolean leapDayPassed = day.isLeapYear() && ofYear >= LAST_OF_FEBRUARY;
    return day.getYear() * before[DAYS_A_YEAR] + before[leapDayPassed ? ofYear - 1 : ofYear];
  }

  private static LocalDate dayOfYear(int year, int day) {
    boolean leapDayPassed = Year.isLeap(year) && day >= LAST_OF_FEBRUARY;
    return LocalDate.ofYearDay(year, leapDayPassed ? day + 2 : day + 1);
  }
}
