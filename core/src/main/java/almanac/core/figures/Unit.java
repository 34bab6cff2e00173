package almanac.core.figures;

/** What a figure of the rules is counted in. */
public enum Unit {
  POINTS("points"),
  PERCENT("%"),
  MONTHS("months"),
  YEARS("years"),
  WEEKS("weeks"),
  DAYS("days"),
  MINUTES("minutes"),
  HOURS("hours"),
  MM("mm"),
  MM_A_WEEK("mm a week"),
  DEGREES("°C"),
  TIMES("times"),
  PH("pH"),
  MS_PER_CM("mS/cm"),
  ROOTS("roots"),
  PLANTS("plants"),
  ML("ml");

  private final String words;

  Unit(String words) {
    this.words = words;
  }

  /** The unit as it stands behind a number. */
  public String words() {
    return words;
  }
}
