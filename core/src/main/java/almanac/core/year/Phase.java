package almanac.core.year;

import java.time.LocalDate;
import java.util.stream.Stream;

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
    SHUT,
    /** It has stopped for its rest. */
    REST
  }

  /** Those of its days that are not among others. */
  Stream<Phase> without(Phase other) {
    if (other.until.isBefore(from) || other.from.isAfter(until)) {
      return Stream.of(this);
    }
    return Stream.of(
            new Phase(kind, from, other.from.minusDays(1)),
            new Phase(kind, other.until.plusDays(1), until))
        .filter(Phase::any);
  }

  /** Whether there is a day among them. */
  boolean any() {
    return !until.isBefore(from);
  }
}
