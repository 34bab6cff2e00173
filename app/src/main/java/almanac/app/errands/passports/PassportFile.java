package almanac.app.errands.passports;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.PHOTO;

import almanac.app.copies.packages.Arriving;
import almanac.app.copies.packages.BadPackage;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.record.journal.Journals;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.photos.Darkroom;
import almanac.app.record.photos.PictureFile;
import almanac.core.history.GoesAlong;
import almanac.core.history.Names;
import almanac.core.kinds.Kind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * What a passport tells of a plant.
 *
 * @param number it had in the collection that it comes from
 * @param kind as it was understood there
 * @param deeds what was done to it, in the order of its journal
 */
record PassportFile(
    String number,
    Names names,
    String parents,
    Kind kind,
    List<GoesAlong.Deed> deeds,
    List<Picture> pictures) {
  /** How the names begin of what is on its way out. */
  static final String LEAVING = "almanac-leaving";

  /**
   * A photograph that came along.
   *
   * @param act the look it was taken at, by its name in the passport; null if at none
   */
  record Picture(PictureFile file, LocalDate takenOn, String caption, @Nullable UUID act) {}

  /**
   * Reads a package that was unpacked.
   *
   * @throws BadPackage in a sentence, if it is not the passport of one plant
   */
  static PassportFile of(Arriving arriving, Darkroom darkroom) throws IOException, SQLException {
    try (var connection = Schema.open(DatabaseFile.in(arriving.folder()).name())) {
      var db = DSL.using(new SingleConnectionDataSource(connection, true), SQLDialect.H2);
      var plants = Journals.read(db);
      if (plants.size() != 1) {
        throw new BadPackage(
            "This file holds %d plants. A whole collection is taken in on the settings page."
                .formatted(plants.size()));
      }
      var plant = plants.get(0);
      var deeds = GoesAlong.of(plant);
      if (deeds.stream().noneMatch(GoesAlong.Deed::potted)) {
        throw new BadPackage("The file does not say what the plant stands in.");
      }
      var card = plant.card();
      var kind =
          new Kinds(db)
              .named(card.who().kind())
              .orElseThrow(() -> new BadPackage("The file does not say what kind of plant it is."));
      return new PassportFile(
          card.who().number(),
          card.who().names(),
          card.origin().parents(),
          kind,
          deeds,
          pictures(db, arriving.photographs(), darkroom));
    }
  }

  private static List<Picture> pictures(DSLContext db, Path folder, Darkroom darkroom)
      throws IOException {
    Map<Long, UUID> acts = new HashMap<>();
    db.select(ACT.ID, ACT.UID).from(ACT).forEach(row -> acts.put(row.value1(), row.value2()));
    var pictures = new ArrayList<Picture>();
    for (var row : db.selectFrom(PHOTO).orderBy(PHOTO.ID)) {
      var file = folder.resolve(row.getFile() + ".jpg");
      pictures.add(
          new Picture(
              darkroom.unpack(() -> Files.readAllBytes(file)),
              row.getTakenOn(),
              row.getCaption(),
              row.getActId() == null ? null : acts.get(row.getActId())));
    }
    return pictures;
  }
}
