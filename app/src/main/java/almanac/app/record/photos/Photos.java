package almanac.app.record.photos;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.PHOTO;

import almanac.app.db.tables.records.PhotoRecord;
import almanac.app.ground.disk.Sha256;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.store.Writing;
import almanac.app.record.collection.Plants;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.refusals.Entered;
import almanac.core.refusals.PastDay;
import almanac.core.refusals.Refused;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps photographs: their files in a folder beside the database, what is known of them in it. */
@Service
public class Photos {
  private static final String LOOK = "look";

  private final DSLContext db;
  private final Plants plants;
  private final PhotoFiles files;

  Photos(DSLContext db, Plants plants, PhotoFiles files) {
    this.db = db;
    this.plants = plants;
    this.files = files;
  }

  /** What is known of one photograph. */
  public record Photo(
      long id,
      long plantId,
      UUID uid,
      @Schema(nullable = true, description = "The act of the look it was taken at") UUID look,
      LocalDate takenOn,
      boolean datedByPicture,
      int width,
      int height,
      String caption) {}

  List<Photo> of(long plantId) {
    return db.select(PHOTO.fields())
        .select(ACT.UID.as(LOOK))
        .from(PHOTO)
        .leftJoin(ACT)
        .on(ACT.ID.eq(PHOTO.ACT_ID))
        .where(PHOTO.PLANT_ID.eq(plantId))
        .orderBy(PHOTO.TAKEN_ON.desc(), PHOTO.ID.desc())
        .fetch(row -> photo(row.into(PHOTO), row.get(LOOK, UUID.class)));
  }

  /**
   * Keeps a photograph of a plant.
   *
   * @param look the act of the look it was taken at, if any
   * @param takenOn the day it was taken; null for the day the picture names, or else today
   * @param sentKey given by who sends it; what was kept under the same key is not kept again
   * @throws Refused if there is no such look
   */
  @Transactional
  Photo keep(
      long plantId,
      PictureFile picture,
      String caption,
      @Nullable UUID look,
      @Nullable LocalDate takenOn,
      @Nullable String sentKey,
      LocalDate today) {
    var journal = plants.whole(plantId).journal();
    var before = sentKey == null ? null : db.fetchOne(PHOTO, PHOTO.SENT_KEY.eq(sentKey));
    if (before != null) {
      return photo(before, look);
    }
    var act = look == null ? null : lookOf(journal, look);
    var day =
        takenOn == null
            ? picture.takenOn(today)
            : Optional.of(PastDay.check(Entered.ON, takenOn, today));
    var file = UUID.randomUUID().toString();
    Writing.unlessItHolds(() -> files.delete(file));
    files.write(file, picture);
    var row = db.newRecord(PHOTO);
    row.setPlantId(plantId);
    row.setUid(UUID.randomUUID());
    row.setActId(act == null ? null : act.id());
    row.setTakenOn(day.orElse(today));
    row.setDatedByPicture(takenOn == null && day.isPresent());
    row.setFile(file);
    row.setDigest(Sha256.of(picture.plain()));
    row.setSmallDigest(Sha256.of(picture.thumbnail()));
    row.setWidth(picture.width());
    row.setHeight(picture.height());
    row.setCaption(caption);
    row.setAddedOn(today);
    row.setSentKey(sentKey);
    row.insert();
    return photo(row, look);
  }

  /** Keeps a photograph of which the day is known, such as one that came with a plant. */
  @Transactional
  public Photo keep(
      long plantId,
      PictureFile picture,
      String caption,
      @Nullable UUID look,
      LocalDate takenOn,
      LocalDate today) {
    return keep(plantId, picture, caption, look, takenOn, null, today);
  }

  /** Keeps a photograph that nobody sent, but was drawn here. */
  @Transactional
  public Photo keep(
      long plantId,
      byte[] drawn,
      String caption,
      @Nullable UUID look,
      LocalDate takenOn,
      LocalDate today) {
    return keep(plantId, new PictureFile(drawn), caption, look, takenOn, today);
  }

  private static Act lookOf(Journal journal, UUID look) {
    return journal.holding().stream()
        .filter(line -> line.act().uid().equals(look))
        .filter(line -> line.happening() instanceof Happening.Inspected)
        .findFirst()
        .orElseThrow(() -> new BadEntry("look", "There is no such look in this plant's journal."))
        .act();
  }

  /** Removes a photograph, and its files once that holds. */
  @Transactional
  public void remove(long id) {
    var file = row(id).getFile();
    db.deleteFrom(PHOTO).where(PHOTO.ID.eq(id)).execute();
    Writing.onceItHolds(() -> files.delete(file));
  }

  /** The picture itself. */
  byte[] picture(long id, boolean small) {
    return files.read(row(id).getFile(), small);
  }

  private PhotoRecord row(long id) {
    var row = db.fetchOne(PHOTO, PHOTO.ID.eq(id));
    if (row == null) {
      throw new NotFound("There is no photograph %d.".formatted(id));
    }
    return row;
  }

  private static Photo photo(PhotoRecord row, @Nullable UUID look) {
    return new Photo(
        row.getId(),
        row.getPlantId(),
        row.getUid(),
        look,
        row.getTakenOn(),
        row.getDatedByPicture(),
        row.getWidth(),
        row.getHeight(),
        row.getCaption());
  }
}
