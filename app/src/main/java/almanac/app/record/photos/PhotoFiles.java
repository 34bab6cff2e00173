package almanac.app.record.photos;

import static almanac.app.db.Tables.PHOTO;

import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.Owner;
import almanac.app.ground.refusals.NotFound;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The files of photographs: each picture with a small one beside it, in a folder of their own. */
@Component
public class PhotoFiles {
  /** The name of their folder in that of the collection. */
  public static final String FOLDER = "photos";

  /** Pictures that no photograph of the collection claims any more, kept for a while. */
  private static final String LEFT_OVER = "left-over";

  private static final Duration KEPT_FOR = Duration.ofDays(30);
  private static final String PICTURE = ".jpg";
  private static final String THUMBNAIL = "-small.jpg";
  private static final Logger LOG = LoggerFactory.getLogger(PhotoFiles.class);

  private static final Pattern OURS =
      Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}(-small)?\\.jpg");

  private final DSLContext db;
  private final Path folder;
  private final Clock clock;

  PhotoFiles(DSLContext db, DataDisk disk, Clock clock) {
    this.db = db;
    this.clock = clock;
    this.folder = disk.folder().resolve(FOLDER);
  }

  /** The names of the files of a photograph. */
  public static List<String> names(String photo) {
    return List.of(photo + PICTURE, photo + THUMBNAIL);
  }

  /** Whether a file of this name was written here, and not laid here by somebody else. */
  public static boolean ours(String name) {
    return OURS.matcher(name).matches();
  }

  /** Whether a file of this name was begun here, and its writing broken off. */
  public static boolean brokenOff(String name) {
    return name.endsWith(OnDisk.UNFINISHED)
        && ours(name.substring(0, name.length() - OnDisk.UNFINISHED.length()));
  }

  /** Keeps a picture and its small one; both are on the disk afterwards. */
  void write(String photo, PictureFile picture) {
    try {
      Owner.folder(folder);
      OnDisk.write(folder.resolve(photo + PICTURE), picture.plain());
      OnDisk.write(folder.resolve(photo + THUMBNAIL), picture.thumbnail());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A picture as it was kept.
   *
   * @throws NotFound if its file is gone
   */
  byte[] read(String photo, boolean small) {
    try {
      return Files.readAllBytes(folder.resolve(photo + (small ? THUMBNAIL : PICTURE)));
    } catch (IOException e) {
      throw new NotFound("The file of this photograph is gone.");
    }
  }

  void delete(String photo) {
    try {
      for (var name : names(photo)) {
        Files.deleteIfExists(folder.resolve(name));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Sets aside what a crash has left without a photograph. It is not removed at once: somebody may
   * have put an older file of the collection back, and will want the newer one again.
   */
  @EventListener(ApplicationReadyEvent.class)
  void sweep() {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try {
      var claimed = db.select(PHOTO.FILE).from(PHOTO).fetchSet(PHOTO.FILE);
      setAside(claimed);
      removeOld();
    } catch (IOException e) {
      LOG.warn("The folder of photographs could not be swept", e);
    }
  }

  private void setAside(Set<String> claimed) throws IOException {
    try (var files = Files.newDirectoryStream(folder, Files::isRegularFile)) {
      for (var file : files) {
        var name = file.getFileName().toString();
        if (brokenOff(name)) {
          Files.delete(file);
        } else if (ours(name) && !claimed.contains(photo(name))) {
          Owner.folder(folder.resolve(LEFT_OVER));
          var aside = folder.resolve(LEFT_OVER).resolve(name);
          Files.move(file, aside, StandardCopyOption.REPLACE_EXISTING);
          Files.setLastModifiedTime(aside, FileTime.from(clock.instant()));
        }
      }
    }
  }

  private void removeOld() throws IOException {
    try (var files = Files.newDirectoryStream(folder.resolve(LEFT_OVER))) {
      for (var file : files) {
        if (ours(file.getFileName().toString())
            && Files.getLastModifiedTime(file)
                .toInstant()
                .isBefore(clock.instant().minus(KEPT_FOR))) {
          Files.delete(file);
        }
      }
    } catch (NoSuchFileException nothing) {
      // Nothing was ever left over.
    }
  }

  private static String photo(String name) {
    var ending = name.endsWith(THUMBNAIL) ? THUMBNAIL : PICTURE;
    return name.endsWith(ending) ? name.substring(0, name.length() - ending.length()) : name;
  }
}
