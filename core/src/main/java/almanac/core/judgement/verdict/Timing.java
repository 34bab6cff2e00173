package almanac.core.judgement.verdict;

import almanac.core.judgement.moments.Wait;
import java.time.LocalDate;
import java.util.Optional;

/** When a verdict is meant. */
public sealed interface Timing {

  /** The last day of a move that may be made now; nothing where none is meant, or it is today. */
  default Optional<LocalDate> lastDay() {
    return this instanceof Until until
        ? Optional.of(until.until())
        : this instanceof Between between ? Optional.of(between.until()) : Optional.empty();
  }

  /** Nothing is planned; look again at the next check. */
  record Open() implements Timing {}

  /** Today. */
  record Now() implements Timing {}

  /** From today until a day; it should not be later, and where that day is over it is late. */
  record Until(LocalDate until) implements Timing {}

  /** A good moment between two days; nothing is lost if it passes. */
  record Between(LocalDate from, LocalDate until) implements Timing {}

  /** Once something has come true. */
  record Waits(Wait awaited) implements Timing {}
}
