package almanac.app.record.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.ground.refusals.BadEntry;
import java.awt.Color;
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
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures that were made to do harm, or came to harm: each is read, or refused in a sentence. */
class HostilePicturesTest {
  private static final byte[] PNG_START = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

  private static byte[] picture(String format) throws IOException {
    if (format.endsWith(".webp")) {
      try (var file = HostilePicturesTest.class.getResourceAsStream("/pictures/" + format)) {
        return file.readAllBytes();
      }
    }
    var image = new BufferedImage(160, 120, BufferedImage.TYPE_INT_RGB);
    var brush = image.createGraphics();
    brush.setColor(Color.ORANGE);
    brush.fillOval(20, 20, 90, 70);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  @ParameterizedTest
  @ValueSource(strings = {"jpg", "png", "lossy.webp", "lossless.webp"})
  void eachFormatIsKeptAsOnePlainPicture(String format) throws IOException {
    var kept = new PictureFile(picture(format));
    var plain = ImageIO.read(new ByteArrayInputStream(kept.plain()));
    assertThat(new int[] {plain.getWidth(), plain.getHeight()}).containsExactly(160, 120);
    assertThat(new Color(plain.getRGB(60, 50)).getRed()).isGreaterThan(100);
  }

  @ParameterizedTest
  @ValueSource(strings = {"jpg", "png", "lossy.webp", "lossless.webp"})
  void whateverHappenedToAFileItIsReadOrRefused(String format) throws IOException {
    var whole = picture(format);
    var random = new Random(format.hashCode());
    int refused = 0;
    int read = 0;
    for (int i = 0; i < 400; i++) {
      try {
        var kept = new PictureFile(harmed(whole, random));
        assertThat(kept.width()).isPositive();
        read++;
      } catch (BadEntry bad) {
        assertThat(bad.sentence()).contains("picture");
        refused++;
      }
    }
    assertThat(refused).as("refused").isGreaterThan(20);
    assertThat(read).as("read all the same").isGreaterThan(5);
  }

  /** Cut off somewhere, or with some bytes changed. */
  private static byte[] harmed(byte[] whole, Random random) {
    if (random.nextInt(4) == 0) {
      return Arrays.copyOf(whole, 1 + random.nextInt(whole.length - 1));
    }
    var harmed = whole.clone();
    for (int i = random.nextInt(6); i >= 0; i--) {
      harmed[random.nextInt(harmed.length)] = (byte) random.nextInt(256);
    }
    return harmed;
  }

  @ParameterizedTest
  @ValueSource(strings = {"jpg", "png", "lossy.webp", "lossless.webp"})
  void whatIsNotWholeIsRefused(String format) throws IOException {
    var whole = picture(format);
    for (int tenth = 1; tenth < 10; tenth++) {
      var half = Arrays.copyOf(whole, whole.length * tenth / 10);
      assertThatThrownBy(() -> new PictureFile(half))
          .as("%d tenths of it", tenth)
          .isInstanceOf(BadEntry.class);
    }
  }

  @Test
  void aPictureThatIsSentFromWhereItWasUnpackedIsTheSame() throws IOException {
    var picture = new PictureFile(picture("jpg"));
    var sent = new ByteArrayOutputStream();
    picture.send(new DataOutputStream(sent));
    var come = new PictureFile(new DataInputStream(new ByteArrayInputStream(sent.toByteArray())));
    assertThat(come.plain()).isEqualTo(picture.plain());
    assertThat(come.thumbnail()).isEqualTo(picture.thumbnail());
    assertThat(come.width()).isEqualTo(160);
    assertThat(come.takenOn(LocalDate.of(2027, 5, 15))).isEmpty();
  }

  /** Sixty megapixels in a few hundred bytes of WebP, at which its reader works for long. */
  @Test
  void aPictureThatTakesTooLongIsEndedAndTheNextIsUnpacked() throws IOException {
    var darkroom = new Darkroom();
    try {
      var slow = picture("lossy.webp");
      var sizes = ByteBuffer.wrap(slow).order(ByteOrder.LITTLE_ENDIAN);
      // The canvas is said in three bytes each, one less; the picture in it in two.
      sizes.putInt(24, 15_999).putShort(27, (short) 3_999);
      int picture = new String(slow, StandardCharsets.ISO_8859_1).indexOf("VP8 ") + 14;
      sizes.putShort(picture, (short) 16_000).putShort(picture + 2, (short) 4_000);
      assertThatThrownBy(() -> darkroom.unpack(() -> slow))
          .isInstanceOf(BadEntry.class)
          .hasMessageMatching("This picture (takes too long|is too large).*");
      assertThat(darkroom.unpack(() -> picture("png")).width()).isEqualTo(160);
    } finally {
      darkroom.close();
    }
  }

  private static void chunk(DataOutputStream out, String type, byte[] content) throws IOException {
    var named = (type + new String(content, StandardCharsets.ISO_8859_1));
    var bytes = named.getBytes(StandardCharsets.ISO_8859_1);
    var check = new CRC32();
    check.update(bytes);
    out.writeInt(content.length);
    out.write(bytes);
    out.writeInt((int) check.getValue());
  }

  private static byte[] header(int across, int down) throws IOException {
    var content = new ByteArrayOutputStream();
    var out = new DataOutputStream(content);
    out.writeInt(across);
    out.writeInt(down);
    out.write(new byte[] {8, 0, 0, 0, 0});
    return content.toByteArray();
  }

  private static byte[] packed(long bytes) throws IOException {
    var out = new ByteArrayOutputStream();
    try (var packing = new DeflaterOutputStream(out)) {
      var block = new byte[1 << 16];
      for (long left = bytes; left > 0; left -= block.length) {
        packing.write(block, 0, (int) Math.min(block.length, left));
      }
    }
    return out.toByteArray();
  }

  @Test
  void aTextOfAGigabyteInAPictureIsNeverUnpacked() throws IOException {
    var bytes = new ByteArrayOutputStream();
    var out = new DataOutputStream(bytes);
    out.write(PNG_START);
    chunk(out, "IHDR", header(8, 8));
    var text = new ByteArrayOutputStream();
    text.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
    // More than the tests have memory for, were it unpacked.
    text.writeBytes(packed(1_200_000_000L));
    chunk(out, "zTXt", text.toByteArray());
    chunk(out, "IDAT", packed(8 * 9));
    chunk(out, "IEND", new byte[0]);
    assertThat(new PictureFile(bytes.toByteArray()).width()).isEqualTo(8);
  }

  @Test
  void whatWouldFillTheMemoryIsRefusedByItsHeader() throws IOException {
    var bytes = new ByteArrayOutputStream();
    var out = new DataOutputStream(bytes);
    out.write(PNG_START);
    chunk(out, "IHDR", header(12_000, 9_900));
    assertThatThrownBy(() -> new PictureFile(bytes.toByteArray()))
        .isInstanceOf(BadEntry.class)
        .hasMessageContaining("12000 × 9900 pixels");
  }
}
