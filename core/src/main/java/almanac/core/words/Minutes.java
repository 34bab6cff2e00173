package almanac.core.words;

/** How long something takes, in words. */
public final class Minutes {
  private static final int AN_HOUR = 60;

  private Minutes() {}

  /** "45 min", "3 h", "3 h 10". */
  public static String said(int minutes) {
    int hours = minutes / AN_HOUR;
    int rest = minutes % AN_HOUR;
    if (hours == 0) {
      return "%d min".formatted(rest);
    }
    return rest == 0 ? "%d h".formatted(hours) : "%d h %d".formatted(hours, rest);
  }
}
