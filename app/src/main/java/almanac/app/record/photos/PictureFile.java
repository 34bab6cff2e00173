package almanac.app.record.photos;

import almanac.app.ground.refusals.BadEntry;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * A picture as it came: looked over before anything of it is unpacked, and unpacked no larger than
 * it is kept. Nothing is read of what was written into it but its day and which way is up.
 */
public final class PictureFile {
  /** More than a phone makes unless it is told to; unpacked, that takes a second. */
  private static final long MOST_PIXELS = 64_000_000;

  private static final int LONGEST_EDGE = 2600;
  private static final int THUMBNAIL_EDGE = 360;
  private static final double QUALITY = 0.88;
  private static final int UPRIGHT = 1;
  private static final int RIFF_HEAD = 8;
  private static final long NO_DAY = Long.MIN_VALUE;
  private static final LocalDate FIRST_DIGITAL = LocalDate.of(1990, 1, 1);

  /** What a camera can have been told; what writes more than that into a picture tells nothing. */
  private static final Set<String> READ = Set.of("JPEG", "PNG", "WEBP", "WEBP LOSSY");

  /** How readers tell of a picture that ends before it is whole. */
  private static final Pattern BROKEN_OFF =
      Pattern.compile("(?i).*(premature|truncated|missing eoi).*");

  private final byte[] plain;
  private final byte[] thumbnail;
  private final int width;
  private final int height;
  private final @Nullable LocalDate written;

  /**
   * Looks a picture over and unpacks it.
   *
   * @throws BadEntry if it is no picture, is damaged, or is too large to be unpacked
   */
  PictureFile(byte[] bytes) {
    try {
      var metadata = metadata(bytes);
      var image = upright(unpacked(bytes), metadata);
      width = image.getWidth();
      height = image.getHeight();
      plain = packed(image);
      thumbnail = packed(fitted(image, THUMBNAIL_EDGE));
      written = day(metadata);
    } catch (BadEntry refused) {
      throw refused;
    } catch (IOException | RuntimeException | StackOverflowError damaged) {
      // The readers of pictures fail in many ways over what they were not made for.
      throw damaged();
    } catch (OutOfMemoryError tooLarge) {
      throw tooLarge();
    }
  }

  /** As it was sent from where it was unpacked; see {@link #send}. */
  PictureFile(DataInputStream sent) throws IOException {
    width = sent.readInt();
    height = sent.readInt();
    long day = sent.readLong();
    written = day == NO_DAY ? null : LocalDate.ofEpochDay(day);
    plain = sent.readNBytes(sent.readInt());
    thumbnail = sent.readNBytes(sent.readInt());
  }

  /** Sends it to where it is kept. */
  void send(DataOutputStream to) throws IOException {
    to.writeInt(width);
    to.writeInt(height);
    to.writeLong(written == null ? NO_DAY : written.toEpochDay());
    to.writeInt(plain.length);
    to.write(plain);
    to.writeInt(thumbnail.length);
    to.write(thumbnail);
  }

  private static BadEntry damaged() {
    return new BadEntry("photo", "This picture is damaged and cannot be read. Nothing was kept.");
  }

  static BadEntry tooLarge() {
    return new BadEntry("photo", "This picture is too large to be unpacked. Nothing was kept.");
  }

  /** What a camera wrote into it; nothing of a picture that is no JPEG, or is broken there. */
  private static Metadata metadata(byte[] bytes) {
    try {
      return JpegMetadataReader.readMetadata(
          new ByteArrayInputStream(bytes), List.of(new ExifReader()));
    } catch (Exception none) {
      return new Metadata();
    }
  }

  /** A WebP says how long it is; its reader takes what is missing for black. */
  private static void refuseBrokenOff(byte[] bytes) {
    if (bytes.length > RIFF_HEAD
        && new String(bytes, 0, 4, StandardCharsets.US_ASCII).equals("RIFF")) {
      int said = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).getInt(4);
      if (Integer.toUnsignedLong(said) + RIFF_HEAD > bytes.length) {
        throw damaged();
      }
    }
  }

  private static BufferedImage unpacked(byte[] bytes) throws IOException {
    refuseBrokenOff(bytes);
    try (var input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      var readers = ImageIO.getImageReaders(input);
      if (!readers.hasNext()) {
        throw notOne();
      }
      ImageReader reader = readers.next();
      try {
        if (!READ.contains(reader.getFormatName().toUpperCase(Locale.ROOT))) {
          throw notOne();
        }
        var broken = new AtomicBoolean();
        reader.addIIOReadWarningListener(
            (source, said) -> {
              if (BROKEN_OFF.matcher(said).matches()) {
                broken.set(true);
              }
            });
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
        var read = reader.read(0, wanted);
        if (broken.get()) {
          throw damaged();
        }
        return read;
      } finally {
        reader.dispose();
      }
    }
  }

  private static BadEntry notOne() {
    return new BadEntry(
        "photo", "This is no picture that can be read; JPEG, PNG or WebP is wanted.");
  }

  private static BufferedImage upright(BufferedImage image, Metadata written) throws IOException {
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

  /** The day that a camera wrote into it. */
  private static @Nullable LocalDate day(Metadata metadata) {
    var exif = metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
    return exif == null || exif.getDateOriginal() == null
        ? null
        : exif.getDateOriginal().toInstant().atZone(ZoneOffset.UTC).toLocalDate();
  }

  /** The day the picture says it was taken, unless that cannot be. */
  Optional<LocalDate> takenOn(LocalDate today) {
    return Optional.ofNullable(written)
        .filter(day -> !day.isAfter(today) && !day.isBefore(FIRST_DIGITAL));
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
