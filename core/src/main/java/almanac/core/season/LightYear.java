package almanac.core.season;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.shredzone.commons.suncalc.SunTimes;

/** Day lengths at one latitude, from one day of the year to the next. */
public final class LightYear {
  private static final int LEAP_YEAR = 2028;
  private static final int LAST_OF_FEBRUARY = 59;
  private static final double HOURS = 3600.0;

  private final double latitude;
  private final double[] hoursByDayOfYear = new double[366];

  private LightYear(double latitude) {
    this.latitude = latitude;
    for (int day = 1; day <= hoursByDayOfYear.length; day++) {
      hoursByDayOfYear[day - 1] = hours(LocalDate.ofYearDay(LEAP_YEAR, day), latitude);
    }
  }

  /**
   * @param latitude degrees, north positive, −90 to 90
   * @throws Refused if it lies outside
   */
  public static LightYear at(double latitude) {
    if (!(latitude >= -90 && latitude <= 90)) {
      throw new Refused(Entered.LATITUDE, "A latitude lies between −90 and 90 degrees.");
    }
    return new LightYear(latitude);
  }

  public double latitude() {
    return latitude;
  }

  /** Whether its summer is in July. */
  public boolean northern() {
    return latitude >= 0;
  }

  /** Hours from sunrise to sunset; 24 where the sun does not set, 0 where it does not rise. */
  public double hoursOn(LocalDate day) {
    int ofYear = day.getDayOfYear();
    boolean skipsLeapDay = ofYear > LAST_OF_FEBRUARY && !day.isLeapYear();
    return hoursByDayOfYear[skipsLeapDay ? ofYear : ofYear - 1];
  }

  /** The same by the day of a year without a leap day, from 0. */
  double hoursIn(int dayOfYear) {
    return hoursByDayOfYear[dayOfYear < LAST_OF_FEBRUARY ? dayOfYear : dayOfYear + 1];
  }

  private static double hours(LocalDate day, double latitude) {
    var sun =
        SunTimes.compute().on(day).timezone(ZoneOffset.UTC).at(latitude, 0).oneDay().execute();
    if (sun.isAlwaysUp()) {
      return 24;
    }
    if (sun.isAlwaysDown()) {
      return 0;
    }
    var midnight = day.atStartOfDay(ZoneOffset.UTC);
    var rise = sun.getRise() == null ? midnight : sun.getRise();
    var set = sun.getSet() == null ? midnight.plusDays(1) : sun.getSet();
    double length = Duration.between(rise, set).toSeconds() / HOURS;
    // Near the white nights the sun sets shortly after midnight and rises again.
    return length < 0 ? 24 + length : length;
  }
}
