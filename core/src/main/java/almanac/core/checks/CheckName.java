package almanac.core.checks;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;

/**
 * By what one check of a plant is known, however often its days are worked out anew.
 *
 * @param purpose what it is for; it tells the series
 * @param since the day of what brought it about: the move, the answer or the look before it
 */
public record CheckName(Purpose purpose, LocalDate since) {
  /** In one word: {@code STANDS.2027-03-14}. */
  public String text() {
    return purpose.name() + "." + since;
  }

  /** The check of that name, if it can be one. */
  public static Optional<CheckName> parse(String text) {
    int dot = text.indexOf('.');
    try {
      return Optional.of(
          new CheckName(
              Purpose.valueOf(text.substring(0, Math.max(0, dot))),
              LocalDate.parse(text.substring(dot + 1))));
    } catch (IllegalArgumentException | DateTimeException e) {
      return Optional.empty();
    }
  }
}
