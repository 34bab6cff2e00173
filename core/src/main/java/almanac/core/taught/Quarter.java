package almanac.core.taught;

import java.time.LocalDate;

/** A time of the year, as years are told apart by it. */
public enum Quarter {
  DARK("December to February"),
  LENGTHENING("March to May"),
  LIGHT("June to August"),
  SHORTENING("September to November");

  private final String words;

  Quarter(String words) {
    this.words = words;
  }

  static Quarter of(LocalDate day) {
    return values()[day.getMonthValue() % 12 / 3];
  }

  String words() {
    return words;
  }
}
