package almanac.app.journal;

import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.PLANT_CHANGE;

import almanac.app.store.Writing;
import almanac.app.web.NotFound;
import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The journals of the collection. */
@Repository
public class Journal {
  private final DSLContext db;
  private final PlantRows rows;
  private final ReadPlants known;

  Journal(DSLContext db, PlantRows rows, ReadPlants known) {
    this.db = db;
    this.rows = rows;
    this.known = known;
  }

  /** Every plant that ever was in the collection, in the order of their numbers. */
  public List<PlantRecord> everybody() {
    return Writing.now() ? rows.all() : known.all();
  }

  /** Every plant that still stands on a bench, in the order of their numbers. */
  public List<PlantRecord> all() {
    return everybody().stream().filter(plant -> plant.facts().status().here()).toList();
  }

  /**
   * One plant.
   *
   * @throws NotFound if there is none of that id
   */
  public PlantRecord one(long plantId) {
    var plant =
        Writing.now() ? rows.some(List.of(plantId)).stream().findFirst() : known.one(plantId);
    return plant.orElseThrow(() -> new NotFound("There is no plant %d.".formatted(plantId)));
  }

  /** A plant of the same family. */
  public record Kin(long id, String number, String name, PlantStatus status) {}

  /** The mother of a plant and what was divided from it. */
  public List<Kin> family(PlantRecord plant) {
    var daughters = PLANT.MOTHER_ID.eq(plant.id());
    var motherId = plant.facts().motherId();
    return db.selectFrom(PLANT)
        .where(motherId == null ? daughters : daughters.or(PLANT.ID.eq(motherId)))
        .orderBy(PLANT.NUMBER)
        .fetch(
            row ->
                new Kin(
                    row.getId(),
                    row.getNumber(),
                    PlantCard.read(row).name(),
                    PlantStatus.valueOf(row.getStatus())));
  }

  /** What was changed of a plant outside its journal, oldest first. */
  public List<Change> changes(long plantId) {
    return db.selectFrom(PLANT_CHANGE)
        .where(PLANT_CHANGE.PLANT_ID.eq(plantId))
        .orderBy(PLANT_CHANGE.ID)
        .fetch(row -> new Change(row.getId(), row.getChangedOn(), row.getWords()));
  }

  /** One change outside the journal, as a sentence. */
  public record Change(long id, LocalDate on, String words) {}
}
