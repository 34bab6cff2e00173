package almanac.core.year;

import java.time.LocalDate;

/**
 * Days of one kind in a plant's year.
 *
 * @param from the first of them
 * @param until the last; not before the first
 */
public record Phase(Kind kind, LocalDate from, LocalDate until) {
  /** What holds on those days. */
  public enum Kind {
    /** Its roots take a move. */
    OPEN,
    /** A move would break roots for good. */
    UNSAFE,
    /** What can wait, waits: light or warmth do not carry it. */
    SHUT
  }

  /** Whether there is a day among them. */
  boolean any() {
    return !until.isBefore(from);
  }
}
