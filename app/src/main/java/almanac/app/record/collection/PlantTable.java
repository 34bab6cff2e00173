package almanac.app.record.collection;

import static almanac.app.db.Tables.PLANT;

import almanac.app.db.tables.records.PlantRecord;
import almanac.core.history.Card;
import almanac.core.history.Plant;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/**
 * The table of plants. What it holds besides their names for good follows from their journals; it
 * is drawn up for whoever looks into the file, and for what must be unique.
 */
@Repository
class PlantTable {
  private final DSLContext db;

  PlantTable(DSLContext db) {
    this.db = db;
  }

  /**
   * A row for a plant that is about to be written.
   *
   * @param id in the order of writing
   * @param uid its name outside the program, for good
   */
  record Begun(long id, UUID uid) {}

  Begun begin(Card card) {
    var row = db.newRecord(PLANT);
    row.setUid(UUID.randomUUID());
    fill(row, card, true);
    row.insert();
    return new Begun(row.getId(), row.getUid());
  }

  /** Draws up the row of a plant anew. */
  void draw(Plant plant) {
    var row = db.newRecord(PLANT);
    fill(row, plant.card(), plant.journal().begun());
    db.update(PLANT).set(row).where(PLANT.ID.eq(plant.id())).execute();
  }

  static void fill(PlantRecord row, Card card, boolean begun) {
    row.setNumber(begun ? card.who().number() : null);
    row.setName(card.who().names().name());
    row.setKind(card.who().kind());
    row.setStatus(card.fate().status().name());
    row.setPlaceId(card.stand().place());
    row.setMotherId(card.mother());
  }

  /** Whether another plant has that number. */
  boolean taken(String number, long id) {
    return db.fetchExists(PLANT, PLANT.NUMBER.eq(number).and(PLANT.ID.ne(id)));
  }

  String nextNumber(LocalDate today) {
    return nextNumbers(today).next();
  }

  NextNumbers nextNumbers(LocalDate today) {
    var numbers = NextNumbers.of(today);
    return numbers.after(
        db.select(PLANT.NUMBER)
            .from(PLANT)
            .where(PLANT.NUMBER.startsWith(numbers.year()))
            .fetch(PLANT.NUMBER));
  }

  /** All that are given. */
  Set<String> numbers() {
    return db.select(PLANT.NUMBER)
        .from(PLANT)
        .where(PLANT.NUMBER.isNotNull())
        .fetchSet(PLANT.NUMBER);
  }
}
