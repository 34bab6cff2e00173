package almanac.app.photos;

import almanac.app.refusals.BadEntry;
import almanac.core.refusals.Refused;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import net.coobird.thumbnailator.Thumbnails;

/** A picture as it came: looked over before anything of it is unpacked. */
final class PictureFile {
  /** More than any camera in a pocket takes; a larger header is a trap or a mistake. */
  private static final long MOST_PIXELS = 120_000_000;

  private static final int LONGEST_EDGE = 2600;
  private static final int THUMBNAIL_EDGE = 360;
  private static final double QUALITY = 0.88;
  private static final LocalDate FIRST_DIGITAL = LocalDate.of(1990, 1, 1);

  private final byte[] bytes;
  private final byte[] plain;
  private final byte[] thumbnail;
  private final int width;
  private final int height;

  /**
   * Looks a picture over and unpacks it.
   *
   * @throws Refused if it is no picture, is damaged, or is too large to be unpacked
   */
  PictureFile(byte[] bytes) {
    this.bytes = bytes;
    try {
      int longest = longestEdge();
      plain = scaled(Math.min(LONGEST_EDGE, longest));
      thumbnail = scaled(Math.min(THUMBNAIL_EDGE, longest));
      var image = ImageIO.read(new ByteArrayInputStream(plain));
      width = image.getWidth();
      height = image.getHeight();
    } catch (BadEntry refused) {
      throw refused;
    } catch (IOException | RuntimeException damaged) {
      // The readers of pictures fail in many ways over what they were not made for.
      throw new BadEntry("photo", "This picture is damaged and cannot be read. Nothing was kept.");
    }
  }

  private int longestEdge() throws IOException {
    try (var input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      var readers = ImageIO.getImageReaders(input);
      if (!readers.hasNext()) {
        throw new BadEntry("photo", "This is no picture that can be read; JPEG or PNG is wanted.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(input, true, true);
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
          throw new BadEntry(
              "photo",
              "This picture says it has %d × %d pixels; at most 120 million are unpacked."
                  .formatted(reader.getWidth(0), reader.getHeight(0)));
        }
        return Math.max(reader.getWidth(0), reader.getHeight(0));
      } finally {
        reader.dispose();
      }
    }
  }

  /** The day the picture says it was taken, unless that cannot be. */
  Optional<LocalDate> takenOn(LocalDate today) {
    try {
      var exif =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(ExifSubIFDDirectory.class);
      if (exif == null || exif.getDateOriginal() == null) {
        return Optional.empty();
      }
      var day = exif.getDateOriginal().toInstant().atZone(ZoneOffset.UTC).toLocalDate();
      return day.isAfter(today) || day.isBefore(FIRST_DIGITAL)
          ? Optional.empty()
          : Optional.of(day);
    } catch (ImageProcessingException | IOException | RuntimeException e) {
      return Optional.empty();
    }
  }

  /** The picture upright and without anything that was written into it, such as where it was. */
  byte[] plain() {
    return plain;
  }

  byte[] thumbnail() {
    return thumbnail;
  }

  /** Pixels across the plain picture. */
  int width() {
    return width;
  }

  /** Pixels from top to bottom of the plain picture. */
  int height() {
    return height;
  }

  private byte[] scaled(int edge) throws IOException {
    var out = new ByteArrayOutputStream();
    Thumbnails.of(new ByteArrayInputStream(bytes))
        .size(edge, edge)
        .outputFormat("jpg")
        .outputQuality(QUALITY)
        .toOutputStream(out);
    return out.toByteArray();
  }
}
