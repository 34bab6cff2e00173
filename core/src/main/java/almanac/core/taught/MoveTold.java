package almanac.core.taught;

import almanac.core.figures.Figures;
import java.time.LocalDate;

/** A move, and what came of it as far as that can be told on a day. */
public record MoveTold(MoveMade move, Afterwards afterwards) {
  /** As it stands in a journal. */
  public static MoveTold of(MoveRecord record, LocalDate today, Figures figures) {
    return new MoveTold(record.move(), record.afterwards(today, figures));
  }
}
