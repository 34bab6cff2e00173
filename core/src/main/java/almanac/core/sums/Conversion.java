package almanac.core.sums;

import almanac.core.words.Answer;

/** Units that growers meet on labels and in books, and those of the program. */
public enum Conversion implements Answer {
  MM_INCHES("mm", "inches", 25.4, 0),
  ML_FLUID_OUNCES("ml", "US fluid ounces", 29.5735, 0),
  LITRES_GALLONS("litres", "US gallons", 3.785412, 0),
  GRAMS_OUNCES("g", "ounces", 28.34952, 0),
  CELSIUS_FAHRENHEIT("°C", "°F", 5.0 / 9, 32);

  private final String ours;
  private final String theirs;
  private final double factor;
  private final double zero;

  /**
   * @param factor so many of ours make one of theirs
   * @param zero what theirs reads where ours reads nothing
   */
  Conversion(String ours, String theirs, double factor, double zero) {
    this.ours = ours;
    this.theirs = theirs;
    this.factor = factor;
    this.zero = zero;
  }

  /** Ours in theirs. */
  public double forth(double value) {
    return value / factor + zero;
  }

  /** Theirs in ours. */
  public double back(double value) {
    return (value - zero) * factor;
  }

  public String ours() {
    return ours;
  }

  public String theirs() {
    return theirs;
  }

  @Override
  public String words() {
    return ours + " and " + theirs;
  }
}
