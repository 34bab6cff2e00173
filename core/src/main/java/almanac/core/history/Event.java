package almanac.core.history;

import almanac.core.inspection.Inspection;
import java.time.LocalDate;

/** Something that happened to a plant. */
public sealed interface Event {
  /** The day, for putting events in order. */
  LocalDate on();

  /** Somebody looked. */
  record Inspected(Inspection inspection) implements Event {
    @Override
    public LocalDate on() {
      return inspection.on();
    }
  }

  /** The plant was potted, here or before it came. */
  record Potted(Potting potting) implements Event {
    @Override
    public LocalDate on() {
      return potting.since();
    }
  }
}
