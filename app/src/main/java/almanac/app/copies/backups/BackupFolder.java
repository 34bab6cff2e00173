package almanac.app.copies.backups;

import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.Owner;
import almanac.app.ground.disk.Sha256;
import almanac.app.ground.refusals.Sentences;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A folder with backups. Of each there is the database in a zip file, and beside it what is known
 * of it, written last: what was broken off has none and is never offered.
 */
public final class BackupFolder {
  private static final String ZIP = ".zip";
  private static final String ABOUT = ".json";
  private static final String NAME = "\\d{4}(-\\d{2}){2}T\\d{2}(-\\d{2}){2}";
  private static final Pattern BROKEN_OFF =
      Pattern.compile(NAME + "\\.(zip|json)" + Pattern.quote(OnDisk.UNFINISHED));
  private static final Pattern PROOF = Pattern.compile(Pattern.quote(Packed.PROOF) + "\\d+");
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Path folder;
  private final Pictures pictures;

  public BackupFolder(Path folder) {
    this.folder = folder;
    this.pictures = new Pictures(folder.resolve("photographs"));
  }

  /** The folder of the backups of the collection in that folder. */
  public static BackupFolder of(Path collection) {
    return new BackupFolder(collection.resolve("backups"));
  }

  public Path folder() {
    return folder;
  }

  /** How the database of a collection is packed into a zip file. */
  public interface Packing {
    void into(Path zip) throws IOException, SQLException;
  }

  /**
   * What was taken.
   *
   * @param lost the files of photographs of which neither the collection nor any backup has one
   *     that is sound
   */
  public record Taken(Backup backup, List<String> lost) {}

  /**
   * Takes a backup, proves it by opening it, and only then gives it its name. Photographs that are
   * damaged in the collection are mended by those of former backups.
   *
   * @param photographs the folder with those of the collection
   */
  public Taken take(LocalDateTime at, BackupReason because, Packing packing, Path photographs)
      throws IOException, SQLException {
    Owner.folder(folder);
    sweep();
    var moment = free(at);
    var zip = zip(Backup.name(moment));
    var packed = OnDisk.aside(zip);
    try {
      return take(moment, because, packing, photographs, packed, zip);
    } catch (IOException | SQLException | RuntimeException failed) {
      // What there is of it would take the room that another needs.
      Files.deleteIfExists(packed);
      throw failed;
    }
  }

  private Taken take(
      LocalDateTime moment,
      BackupReason because,
      Packing packing,
      Path photographs,
      Path packed,
      Path zip)
      throws IOException, SQLException {
    packing.into(packed);
    var proven = Packed.prove(packed, folder);
    var lost = pictures.takeFrom(photographs, proven.photos(), proven.sums());
    var backup =
        new Backup(
            moment,
            because,
            proven.schema(),
            proven.plants(),
            proven.acts(),
            proven.lastEntry().orElse(null),
            proven.photos(),
            proven.sums(),
            nextTurn(),
            proven.demo(),
            Files.size(packed),
            Sha256.of(packed));
    OnDisk.place(packed, zip);
    OnDisk.write(about(backup.name()), JSON.writeValueAsBytes(backup));
    return new Taken(backup, lost);
  }

  private long nextTurn() throws IOException {
    return 1
        + all().stream()
            .map(Backup::turn)
            .filter(Objects::nonNull)
            .mapToLong(Long::longValue)
            .max()
            .orElse(0);
  }

  /** Two that are taken within a second have names of their own. */
  private LocalDateTime free(LocalDateTime at) {
    var moment = at.withNano(0);
    while (Files.exists(zip(Backup.name(moment)))) {
      moment = moment.plusSeconds(1);
    }
    return moment;
  }

  /** Those that were taken whole, the last one first, whatever the clock said. */
  public List<Backup> all() throws IOException {
    var all = new ArrayList<Backup>();
    if (!Files.isDirectory(folder)) {
      return all;
    }
    try (var files = Files.newDirectoryStream(folder, "*" + ABOUT)) {
      for (var file : files) {
        read(file)
            .filter(backup -> about(backup.name()).equals(file))
            .filter(backup -> Files.exists(zip(backup.name())))
            .ifPresent(all::add);
      }
    }
    all.sort(Backup.OLDEST_FIRST.reversed());
    return all;
  }

  /** The one of that name, if there is one. */
  public Optional<Backup> named(String name) throws IOException {
    return all().stream().filter(backup -> backup.name().equals(name)).findFirst();
  }

  /** The newest one that can be opened, if there is one. */
  public Optional<Backup> newestSound() throws IOException {
    return all().stream().filter(backup -> fault(backup).isEmpty()).findFirst();
  }

  private static Optional<Backup> read(Path about) throws IOException {
    try {
      return Optional.of(JSON.readValue(Files.readAllBytes(about), Backup.class));
    } catch (JacksonException | NoSuchFileException noBackup) {
      return Optional.empty();
    }
  }

  /** How many bytes the backups take, photographs among them. */
  public long bytes() throws IOException {
    if (!Files.isDirectory(folder)) {
      return 0;
    }
    try (var files = Files.walk(folder)) {
      return files.filter(Files::isRegularFile).mapToLong(file -> file.toFile().length()).sum();
    }
  }

  /**
   * Opens a backup anew.
   *
   * @return what is wrong with it, as a part of a sentence; nothing if it is sound
   */
  public Optional<String> fault(Backup backup) {
    try {
      refuseChanged(backup);
      Packed.prove(zip(backup.name()), folder);
      return Optional.empty();
    } catch (IOException | SQLException e) {
      return Optional.of(Sentences.of(e));
    }
  }

  private void refuseChanged(Backup backup) throws IOException {
    if (!Sha256.of(zip(backup.name())).equals(backup.digest())) {
      throw new IOException("its file is not what it was when it was taken");
    }
  }

  /** How many photographs of each of these backups are not there any more. */
  public Map<Backup, Long> missing(List<Backup> backups) throws IOException {
    var present = pictures.present();
    return backups.stream()
        .collect(
            Collectors.toMap(
                Function.identity(),
                backup ->
                    backup.photos().stream()
                        .filter(photo -> !present.containsAll(PhotoFiles.names(photo)))
                        .count()));
  }

  /** The files of photographs of a backup that are missing or damaged here. */
  public List<String> unsound(Backup backup) throws IOException {
    return pictures.unsound(backup.photos(), backup.knownSums());
  }

  /** Whether there is a sound file of that name among the photographs of the backups. */
  public boolean hasSound(String photograph, Map<String, String> sums) throws IOException {
    return PhotoSums.sound(pictures.folder().resolve(photograph), sums);
  }

  /**
   * Makes a database of a backup, brings it up to date and reads all of it; photographs that are
   * missing or damaged among those of the collection are put back.
   *
   * @param collection the folder of the collection
   * @return beside the database of the collection, to take its place
   * @throws IOException if it is not sound
   */
  public Path make(Backup backup, Path collection) throws IOException, SQLException {
    refuseChanged(backup);
    var made = DatabaseFile.beingMade(collection);
    Packed.unpack(zip(backup.name()), made.file());
    Schema.bringUpToDate(made.name());
    var photographs = collection.resolve(PhotoFiles.FOLDER);
    pictures.putBack(photographs, backup.photos(), backup.knownSums());
    try (var connection = Schema.openToFill(made.name())) {
      PhotoSums.complete(connection, photographs);
    }
    return made.file();
  }

  /** Removes those that are kept no longer, and photographs that none of the others has. */
  public void rotate(LocalDate today) throws IOException {
    var all = all();
    var kept = Rotation.kept(all.stream().map(Backup::at).collect(Collectors.toSet()), today);
    var photos = new HashSet<String>();
    for (var backup : all) {
      if (kept.contains(backup.at())) {
        photos.addAll(backup.photos());
      } else {
        // What is known of it goes first, so that no half of it is ever offered.
        Files.deleteIfExists(about(backup.name()));
        Files.deleteIfExists(zip(backup.name()));
      }
    }
    pictures.keepOnly(photos);
  }

  /** Takes whatever another folder has. */
  public void mirror(BackupFolder other, LocalDate today) throws IOException {
    Owner.folder(folder);
    sweep();
    var present = all();
    for (var backup : other.all()) {
      pictures.takeFrom(other.pictures.folder(), backup.photos(), backup.knownSums());
      if (!present.contains(backup)) {
        OnDisk.copy(other.zip(backup.name()), zip(backup.name()));
        OnDisk.copy(other.about(backup.name()), about(backup.name()));
      }
    }
    rotate(today);
  }

  /** What was broken off here; whatever has another name was laid here by somebody else. */
  private void sweep() throws IOException {
    try (var files = Files.newDirectoryStream(folder)) {
      for (var file : files) {
        var name = file.getFileName().toString();
        if (BROKEN_OFF.matcher(name).matches()) {
          Files.delete(file);
        } else if (PROOF.matcher(name).matches()) {
          Packed.remove(file);
        }
      }
    }
  }

  private Path zip(String name) {
    return folder.resolve(name + ZIP);
  }

  private Path about(String name) {
    return folder.resolve(name + ABOUT);
  }
}
