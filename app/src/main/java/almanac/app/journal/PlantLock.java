package almanac.app.journal;

import org.springframework.stereotype.Component;

/** The plants that the present transaction writes. */
@Component
class PlantLock {
  private final Journal journal;
  private final ReadPlants known;

  PlantLock(Journal journal, ReadPlants known) {
    this.journal = journal;
    this.known = known;
  }

  /**
   * A plant as it stands, which nobody else can change until the present transaction ends: writers
   * come one after another.
   *
   * @throws almanac.app.web.NotFound if there is none of that id
   */
  PlantRecord take(long plantId) {
    return fresh(plantId).read(plantId);
  }

  /** Whoever reads the plant after the present transaction reads it anew. */
  PlantLock fresh(long plantId) {
    known.isWritten(plantId);
    return this;
  }

  /** The plant as it was written so far. */
  PlantRecord read(long plantId) {
    return journal.one(plantId);
  }
}
