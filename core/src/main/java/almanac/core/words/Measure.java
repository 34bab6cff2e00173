package almanac.core.words;

import java.util.Locale;

/** What a number in a sentence counts. Inside the program lengths are mm. */
public enum Measure {
  MM("mm"),
  MM_A_WEEK("mm a week"),
  ML("ml"),
  PERCENT("%"),
  POINTS("points"),
  DAYS("days"),
  WEEKS("weeks"),
  MONTHS("months"),
  MINUTES("minutes"),
  HOURS("h"),
  /** Salts in water, by how well it conducts. */
  MS_PER_CM("mS/cm"),
  /** How many there are; the number stands alone. */
  COUNT(""),
  /** Acidity; the number stands alone. */
  PH("");

  private static final char MINUS = '\u2212';

  private final String words;

  Measure(String words) {
    this.words = words;
  }

  /** The measure as it stands behind a number; empty for pH and counts. */
  public String words() {
    return words;
  }

  /** A number of this measure, ready for a sentence. */
  public Sentence.Quantity of(double value) {
    return new Sentence.Quantity(value, this);
  }

  String say(double value) {
    var number =
        value == Math.rint(value)
            ? String.format(Locale.ROOT, "%.0f", value)
            : String.format(Locale.ROOT, "%.1f", value);
    if (value < 0) {
      number = number.replace('-', MINUS);
    }
    var one = number.equals("1") && this != MM && this != MM_A_WEEK && words.endsWith("s");
    if (this == PH) {
      return "pH " + number;
    }
    if (this == COUNT) {
      return number;
    }
    return number + " " + (one ? words.substring(0, words.length() - 1) : words);
  }
}
