package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A move with what was seen after it, as it stands in a journal.
 *
 * @param said what somebody says came of it, otherwise than it would be worked out
 */
public record MoveRecord(MoveMade move, After after, Optional<Outcome> said) {
  /** What came of it, as far as that can be told on a day. */
  public Afterwards afterwards(LocalDate today, Figures figures) {
    var worked = Outcomes.of(move, after, today, figures);
    return said.map(worked::as).orElse(worked);
  }
}
