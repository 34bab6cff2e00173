package almanac.app.journal;

import static almanac.app.db.Tables.PLANT;

import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Two windows on the same plant write one after the other. */
@Component
class PlantLock {
  private final DSLContext db;
  private final Journal journal;
  private final ReadPlants known;

  PlantLock(DSLContext db, Journal journal, ReadPlants known) {
    this.db = db;
    this.journal = journal;
    this.known = known;
  }

  /**
   * A plant as it stands, which nobody else can change until the present transaction ends.
   *
   * @throws almanac.app.web.NotFound if there is none of that id
   */
  PlantRecord take(long plantId) {
    db.select(PLANT.ID).from(PLANT).where(PLANT.ID.eq(plantId)).forUpdate().fetch();
    return fresh(plantId).read(plantId);
  }

  /** Whoever reads the plant after the present transaction reads it anew. */
  PlantLock fresh(long plantId) {
    known.forgetAfterwards(plantId);
    return this;
  }

  /** The plant as it was written so far. */
  PlantRecord read(long plantId) {
    return journal.one(plantId);
  }
}
