package almanac.app.record.collection;

import java.time.LocalDate;
import java.util.Collection;

/**
 * Numbers run by year: 26-001, 26-002, and so on. What a collector has numbered otherwise, such as
 * 26-001a, is passed by.
 */
public final class NextNumbers {
  /** Nobody adds so many plants a year that a turn has more digits. */
  private static final String TURN = "\\d{1,6}";

  private final String year;
  private int last;

  private NextNumbers(String year) {
    this.year = year;
  }

  static NextNumbers of(LocalDate today) {
    return new NextNumbers("%02d-".formatted(today.getYear() % 100));
  }

  /** How the numbers of this year begin. */
  String year() {
    return year;
  }

  /** Goes on after these. */
  NextNumbers after(Collection<String> numbers) {
    numbers.stream()
        .filter(number -> number.startsWith(year))
        .map(number -> number.substring(year.length()))
        .filter(turn -> turn.matches(TURN))
        .mapToInt(Integer::parseInt)
        .max()
        .ifPresent(turn -> last = Math.max(last, turn));
    return this;
  }

  /** Another one. */
  public String next() {
    last++;
    return year + "%03d".formatted(last);
  }
}
