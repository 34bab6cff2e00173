package almanac.app.errands.passports;

import static almanac.app.db.Tables.OWN_KIND;
import static almanac.app.db.Tables.OWN_KIND_TRAIT;
import static almanac.app.db.Tables.PHOTO;
import static almanac.app.db.Tables.PLACE;

import almanac.app.copies.packages.PackageCarried;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.record.collection.Alone;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.photos.PhotoFiles;
import almanac.core.history.GoesAlong;
import almanac.core.history.Happening;
import almanac.core.history.Origin;
import almanac.core.history.Plant;
import almanac.core.history.Stand;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;

/**
 * Writes a plant as a collection of its own, in which there is no other, and that as a package: so
 * it can be read and taken in like any other.
 */
@Service
class Leaving {
  private final DSLContext db;
  private final DataDisk disk;
  private final Plants plants;

  Leaving(DSLContext db, DataDisk disk, Plants plants) {
    this.db = db;
    this.disk = disk;
    this.plants = plants;
  }

  /** Writes what goes along with a plant. */
  void write(PlantInPlace plant, LocalDate today, OutputStream out) throws IOException {
    disk.refuseUnlessKept();
    var folder = Files.createTempDirectory(disk.folder(), PassportFile.LEAVING);
    try {
      var file = DatabaseFile.in(folder).name();
      Schema.make(file, Schema.LATEST);
      try (var connection = Schema.openToFill(file)) {
        fill(connection, plant, plants.whole(plant.id()), today);
        PackageCarried.write(connection, photographs(), out);
      }
    } catch (SQLException e) {
      throw new IOException(e);
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  private Path photographs() {
    return disk.folder().resolve(PhotoFiles.FOLDER);
  }

  private void fill(Connection connection, PlantInPlace plant, Plant whole, LocalDate today) {
    var into = DSL.using(new SingleConnectionDataSource(connection, true), SQLDialect.H2);
    kind(into, plant.card().who().kind());
    long place = place(into, plant.place().name());
    var card = plant.card();
    var deeds =
        GoesAlong.withItsMothers(
            whole, id -> plants.has(id) ? Optional.of(plants.whole(id)) : Optional.empty());
    var begins =
        List.<Happening>of(
            new Happening.Numbered(card.who().number()),
            new Happening.Named(card.who().names()),
            new Happening.OfKind(card.who().kind(), card.who().own()),
            new Happening.Moved(new Stand(place, 1)),
            // What was paid for it is nobody else's business.
            new Happening.Came(
                new Origin(
                    card.origin().arrival(), card.origin().from(), "", card.origin().parents())));
    var standing = Alone.write(into, today, begins, deeds);
    for (var row : db.selectFrom(PHOTO).where(PHOTO.PLANT_ID.eq(plant.id())).orderBy(PHOTO.ID)) {
      var along = into.newRecord(PHOTO, row);
      along.setPlantId(standing.id());
      along.setActId(row.getActId() == null ? null : actThere(whole, standing, row.getActId()));
      along.setSentKey(null);
      along.insert();
    }
  }

  private static Long actThere(Plant whole, Alone.Standing standing, long act) {
    return whole.journal().holding().stream()
        .filter(line -> line.act().id() == act)
        .findFirst()
        .map(line -> line.act().uid())
        .map(uid -> standing.acts().get(uid))
        .orElse(null);
  }

  /** A kind that its collector has made or changed goes along. */
  private void kind(DSLContext into, String key) {
    db.selectFrom(OWN_KIND)
        .where(OWN_KIND.KIND.eq(key))
        .forEach(row -> into.newRecord(OWN_KIND, row).insert());
    db.selectFrom(OWN_KIND_TRAIT)
        .where(OWN_KIND_TRAIT.KIND.eq(key))
        .forEach(row -> into.newRecord(OWN_KIND_TRAIT, row).insert());
  }

  private static long place(DSLContext into, String name) {
    var row = into.newRecord(PLACE);
    row.setUid(UUID.randomUUID());
    row.setName(name);
    row.setKind("OTHER");
    row.setWalk(1);
    row.setGone(false);
    row.insert();
    return row.getId();
  }
}
