package almanac.app.photos;

import static almanac.app.db.Tables.PHOTO;

import almanac.app.db.tables.records.PhotoRecord;
import almanac.app.journal.Journal;
import almanac.app.journal.JournalEntry;
import almanac.app.store.Writing;
import almanac.app.web.NotFound;
import almanac.core.PastDay;
import almanac.core.Refused;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps photographs: their files in a folder beside the database, what is known of them in it. */
@Service
public class Photos {
  private static final String PICTURE = ".jpg";
  private static final String THUMBNAIL = "-small.jpg";

  private final DSLContext db;
  private final Journal journal;
  private final Path folder;

  Photos(DSLContext db, Journal journal, @Value("${almanac.photos}") String folder) {
    this.db = db;
    this.journal = journal;
    this.folder = Path.of(folder);
  }

  /** What is known of one photograph. */
  public record Photo(
      long id,
      long plantId,
      @Schema(nullable = true, description = "The look it was taken at") Long lookId,
      LocalDate takenOn,
      boolean datedByPicture,
      int width,
      int height,
      String caption) {}

  List<Photo> of(long plantId) {
    return db.selectFrom(PHOTO)
        .where(PHOTO.PLANT_ID.eq(plantId))
        .orderBy(PHOTO.TAKEN_ON.desc(), PHOTO.ID.desc())
        .fetch(Photos::photo);
  }

  /**
   * Keeps a photograph of a plant.
   *
   * @param lookId the line of its journal that it was taken at, if any
   * @param takenOn the day it was taken; null for the day the picture names, or else today
   * @param sentKey given by who sends it; what was kept under the same key is not kept again
   * @throws Refused if there is no such look
   */
  @Transactional
  Photo keep(
      long plantId,
      PictureFile picture,
      String caption,
      @Nullable Long lookId,
      @Nullable LocalDate takenOn,
      @Nullable String sentKey,
      LocalDate today) {
    var plant = journal.one(plantId);
    var before = sentKey == null ? null : db.fetchOne(PHOTO, PHOTO.SENT_KEY.eq(sentKey));
    if (before != null) {
      return photo(before);
    }
    if (lookId != null && plant.inForce().stream().noneMatch(line -> isLook(line, lookId))) {
      throw new Refused("look", "There is no look %d in this plant's journal.".formatted(lookId));
    }
    var day =
        takenOn == null ? picture.takenOn(today) : Optional.of(PastDay.check("on", takenOn, today));
    var file = UUID.randomUUID().toString();
    Writing.unlessItHolds(() -> delete(file));
    write(file + PICTURE, picture.plain());
    write(file + THUMBNAIL, picture.thumbnail());
    var row = db.newRecord(PHOTO);
    row.setPlantId(plantId);
    row.setInspectionId(lookId);
    row.setTakenOn(day.orElse(today));
    row.setDatedByPicture(takenOn == null && day.isPresent());
    row.setFile(file);
    row.setWidth(picture.width());
    row.setHeight(picture.height());
    row.setCaption(caption);
    row.setAddedOn(today);
    row.setSentKey(sentKey);
    return photo(db.insertInto(PHOTO).set(row).returning().fetchSingle());
  }

  /** Keeps a photograph of which the day is known, such as one of the demo. */
  @Transactional
  public Photo keep(
      long plantId,
      byte[] bytes,
      String caption,
      @Nullable Long lookId,
      LocalDate takenOn,
      LocalDate today) {
    return keep(plantId, new PictureFile(bytes), caption, lookId, takenOn, null, today);
  }

  private static boolean isLook(JournalEntry line, long id) {
    return line.id() == id && line.content() instanceof JournalEntry.Inspected;
  }

  /** Removes a photograph, and its files once that holds. */
  @Transactional
  public void remove(long id) {
    var file = row(id).getFile();
    db.deleteFrom(PHOTO).where(PHOTO.ID.eq(id)).execute();
    Writing.onceItHolds(() -> delete(file));
  }

  private void delete(String file) {
    try {
      Files.deleteIfExists(folder.resolve(file + PICTURE));
      Files.deleteIfExists(folder.resolve(file + THUMBNAIL));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The picture itself. */
  byte[] picture(long id, boolean small) {
    try {
      return Files.readAllBytes(folder.resolve(row(id).getFile() + (small ? THUMBNAIL : PICTURE)));
    } catch (IOException e) {
      throw new NotFound("The file of photograph %d is gone.".formatted(id));
    }
  }

  private PhotoRecord row(long id) {
    var row = db.fetchOne(PHOTO, PHOTO.ID.eq(id));
    if (row == null) {
      throw new NotFound("There is no photograph %d.".formatted(id));
    }
    return row;
  }

  private void write(String name, byte[] bytes) {
    try {
      Files.createDirectories(folder);
      Files.write(folder.resolve(name), bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Photo photo(PhotoRecord row) {
    return new Photo(
        row.getId(),
        row.getPlantId(),
        row.getInspectionId(),
        row.getTakenOn(),
        row.getDatedByPicture(),
        row.getWidth(),
        row.getHeight(),
        row.getCaption());
  }
}
