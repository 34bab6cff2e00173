package almanac.core.history;

import java.time.LocalDate;

/** A happening that the rules judge by. */
public sealed interface Event permits Happening.Potted, Happening.Inspected, Happening.Fixed {
  /** The day, for putting events in order. */
  LocalDate on();
}
