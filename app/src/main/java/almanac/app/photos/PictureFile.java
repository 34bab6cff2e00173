package almanac.app.photos;

import almanac.app.refusals.BadEntry;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A picture as it came: looked over before anything of it is unpacked, and unpacked no larger than
 * it is kept. Nothing is read of what was written into it but its day and which way is up.
 */
final class PictureFile {
  /** More than a phone makes unless it is told to; unpacked, that takes a second. */
  private static final long MOST_PIXELS = 64_000_000;

  private static final int LONGEST_EDGE = 2600;
  private static final int THUMBNAIL_EDGE = 360;
  private static final double QUALITY = 0.88;
  private static final int UPRIGHT = 1;
  private static final LocalDate FIRST_DIGITAL = LocalDate.of(1990, 1, 1);

  private final Metadata written;
  private final byte[] plain;
  private final byte[] thumbnail;
  private final int width;
  private final int height;

  /**
   * Looks a picture over and unpacks it.
   *
   * @throws BadEntry if it is no picture, is damaged, or is too large to be unpacked
   */
  PictureFile(byte[] bytes) {
    try {
      written = written(bytes);
      var image = upright(unpacked(bytes));
      width = image.getWidth();
      height = image.getHeight();
      plain = packed(image);
      thumbnail = packed(fitted(image, THUMBNAIL_EDGE));
    } catch (BadEntry refused) {
      throw refused;
    } catch (IOException | RuntimeException | StackOverflowError damaged) {
      // The readers of pictures fail in many ways over what they were not made for.
      throw new BadEntry("photo", "This picture is damaged and cannot be read. Nothing was kept.");
    } catch (OutOfMemoryError tooLarge) {
      throw new BadEntry("photo", "This picture is too large to be unpacked. Nothing was kept.");
    }
  }

  /** What a camera wrote into it; nothing of a picture that is no JPEG, or is broken there. */
  private static Metadata written(byte[] bytes) {
    try {
      return JpegMetadataReader.readMetadata(
          new ByteArrayInputStream(bytes), List.of(new ExifReader()));
    } catch (Exception none) {
      return new Metadata();
    }
  }

  private static BufferedImage unpacked(byte[] bytes) throws IOException {
    try (var input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      var readers = ImageIO.getImageReaders(input);
      if (!readers.hasNext()) {
        throw new BadEntry(
            "photo", "This is no picture that can be read; JPEG, PNG or WebP is wanted.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(input, true, true);
        int across = reader.getWidth(0);
        int down = reader.getHeight(0);
        if ((long) across * down > MOST_PIXELS) {
          throw new BadEntry(
              "photo",
              "This picture has %d × %d pixels; at most %d million are unpacked. Nothing was kept."
                  .formatted(across, down, MOST_PIXELS / 1_000_000));
        }
        var wanted = reader.getDefaultReadParam();
        // Half as fine again as it is kept, so that nothing of it is lost to the eye.
        int every = Math.max(1, 2 * Math.max(across, down) / (3 * LONGEST_EDGE));
        wanted.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, wanted);
      } finally {
        reader.dispose();
      }
    }
  }

  private BufferedImage upright(BufferedImage image) throws IOException {
    var fitted = fitted(opaque(image), LONGEST_EDGE);
    var camera = written.getFirstDirectoryOfType(ExifIFD0Directory.class);
    var turned = camera == null ? null : camera.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
    var orientation = Orientation.typeOf(turned == null ? UPRIGHT : turned);
    return orientation == null
        ? fitted
        : ExifFilterUtils.getFilterForOrientation(orientation).apply(fitted);
  }

  /** What shows through becomes white, as on paper. */
  private static BufferedImage opaque(BufferedImage image) {
    if (image.getType() == BufferedImage.TYPE_3BYTE_BGR) {
      return image;
    }
    var paper =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
    var brush = paper.createGraphics();
    brush.drawImage(image, 0, 0, java.awt.Color.WHITE, null);
    brush.dispose();
    return paper;
  }

  private static BufferedImage fitted(BufferedImage image, int edge) throws IOException {
    return Math.max(image.getWidth(), image.getHeight()) <= edge
        ? image
        : Thumbnails.of(image).size(edge, edge).asBufferedImage();
  }

  private static byte[] packed(BufferedImage image) throws IOException {
    var out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
  }

  /** The day the picture says it was taken, unless that cannot be. */
  Optional<LocalDate> takenOn(LocalDate today) {
    var exif = written.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
    if (exif == null || exif.getDateOriginal() == null) {
      return Optional.empty();
    }
    var day = exif.getDateOriginal().toInstant().atZone(ZoneOffset.UTC).toLocalDate();
    return day.isAfter(today) || day.isBefore(FIRST_DIGITAL) ? Optional.empty() : Optional.of(day);
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
}
