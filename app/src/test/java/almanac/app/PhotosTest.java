package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpRequest;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Photographs: kept, dated, stripped of where they were taken, and refused with a sentence. */
class PhotosTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String BORDER = "----picture";

  private static RunningApplication.Answer send(byte[] picture) throws Exception {
    return send(picture, "");
  }

  private static RunningApplication.Answer send(byte[] picture, String query) throws Exception {
    var body = new ByteArrayOutputStream();
    body.writeBytes(
        ("--%s\r\nContent-Disposition: form-data; name=\"photo\"; filename=\"a.jpg\"\r\n"
                + "Content-Type: image/jpeg\r\n\r\n")
            .formatted(BORDER)
            .getBytes(StandardCharsets.UTF_8));
    body.writeBytes(picture);
    body.writeBytes("\r\n--%s--\r\n".formatted(BORDER).getBytes(StandardCharsets.UTF_8));
    return APP.send(
        APP.request("/api/plants/1/photos" + query)
            .header("Content-Type", "multipart/form-data; boundary=" + BORDER)
            .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
            .build());
  }

  private static byte[] jpeg(int width, int height) throws Exception {
    var out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", out);
    return out.toByteArray();
  }

  /** A picture with a day and a place written into it, as a phone does. */
  private static byte[] withExif(String day) throws Exception {
    var plain = jpeg(400, 300);
    var text = (day + "\0").getBytes(StandardCharsets.US_ASCII);
    var tiff = ByteBuffer.allocate(120);
    tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
    tiff.putShort((short) 2);
    tiff.putShort((short) 0x8769).putShort((short) 4).putInt(1).putInt(38);
    tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(80);
    tiff.putInt(0);
    tiff.position(38);
    tiff.putShort((short) 1);
    tiff.putShort((short) 0x9003).putShort((short) 2).putInt(text.length).putInt(56).putInt(0);
    tiff.position(56);
    tiff.put(text);
    tiff.position(80);
    tiff.putShort((short) 1);
    tiff.putShort((short) 1).putShort((short) 2).putInt(2);
    tiff.put((byte) 'N').put((byte) 0).putShort((short) 0).putInt(0);
    var exif = ByteBuffer.allocate(2 + 2 + 6 + 120);
    exif.put((byte) 0xFF).put((byte) 0xE1).putShort((short) (2 + 6 + 120));
    exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(tiff.array());
    var out = new ByteArrayOutputStream();
    out.write(plain, 0, 2);
    out.writeBytes(exif.array());
    out.write(plain, 2, plain.length - 2);
    return out.toByteArray();
  }

  private static byte[] download(long id) throws Exception {
    return java.net.http.HttpClient.newHttpClient()
        .send(
            APP.request("/api/photos/" + id).GET().build(),
            java.net.http.HttpResponse.BodyHandlers.ofByteArray())
        .body();
  }

  @Test
  void aPictureIsKeptWithItsDayAndWithoutItsPlace() throws Exception {
    var original = withExif("2027:04:20 10:11:12");
    assertThat(
            ImageMetadataReader.readMetadata(new ByteArrayInputStream(original))
                .containsDirectoryOfType(GpsDirectory.class))
        .as("the place is in what is sent")
        .isTrue();
    var kept = send(original);
    assertThat(kept.status()).as("%s", kept.body()).isEqualTo(201);
    assertThat(kept.body().path("takenOn").asString()).isEqualTo("2027-04-20");
    assertThat(kept.body().path("datedByPicture").asBoolean()).isTrue();
    long id = kept.body().path("id").asLong();
    assertThat(
            ImageMetadataReader.readMetadata(new ByteArrayInputStream(download(id)))
                .containsDirectoryOfType(GpsDirectory.class))
        .isFalse();
    assertThat(APP.get("/api/plants/1/photos").body().valueStream().map(p -> p.path("id").asLong()))
        .contains(id);
    APP.send(APP.request("/api/photos/" + id).DELETE().build());
    assertThat(APP.get("/api/photos/" + id).status()).isEqualTo(404);
  }

  @Test
  void aDayThatCannotBeIsNotBelieved() throws Exception {
    for (var wild :
        new String[] {"2099:01:01 00:00:00", "1900:01:01 00:00:00", "not a day at all.."}) {
      var kept = send(withExif(wild));
      assertThat(kept.status()).as("%s", kept.body()).isEqualTo(201);
      assertThat(kept.body().path("takenOn").asString()).as(wild).isEqualTo("2027-05-15");
      assertThat(kept.body().path("datedByPicture").asBoolean()).isFalse();
    }
  }

  @Test
  void severalPicturesBelongToOneLook() throws Exception {
    var body = "{\"on\":\"2027-05-14\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";
    var look = APP.post("/api/plants/1/inspections", body).body().path("act").asString();
    for (int i = 0; i < 2; i++) {
      var kept = send(jpeg(300, 200), "?look=" + look + "&caption=base");
      assertThat(kept.body().path("look").asString()).as("%s", kept.body()).isEqualTo(look);
      assertThat(kept.body().path("caption").asString()).isEqualTo("base");
    }
    assertThat(
            APP.get("/api/plants/1/photos")
                .body()
                .valueStream()
                .filter(photo -> photo.path("look").asString().equals(look)))
        .hasSize(2);
    var elsewhere = APP.post("/api/plants/2/inspections", body).body().path("act").asString();
    var refused = send(jpeg(300, 200), "?look=" + elsewhere);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.fault("look")).isPresent();
    assertThat(send(jpeg(300, 200), "?caption=" + "x".repeat(401)).fault("caption")).isPresent();
  }

  @Test
  void theDemoHasPicturesToScaleAtItsLooks() throws Exception {
    var line =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .filter(plant -> plant.path("name").asString().equals("Cattleya Weir Song"))
            .findFirst()
            .orElseThrow();
    var photos = APP.get("/api/plants/%d/photos".formatted(line.path("id").asLong())).body();
    assertThat(photos).hasSize(2);
    assertThat(photos.path(0).path("takenOn").asString()).isEqualTo("2027-05-10");
    assertThat(photos.path(0).path("lookId").isNull()).isFalse();
    var picture =
        ImageIO.read(new ByteArrayInputStream(download(photos.path(0).path("id").asLong())));
    assertThat(picture.getWidth()).isEqualTo(photos.path(0).path("width").asInt());
    int tipOfTheRoot = picture.getRGB((int) (0.8 * (600 - 30 - 55 * 4.5 + 4)), (int) (0.8 * 596));
    assertThat((tipOfTheRoot >> 8) & 0xFF)
        .as("green at 55 mm from the base, where the rim of 120 mm is 432 pixels wide")
        .isGreaterThan(tipOfTheRoot >> 16 & 0xFF);
  }

  @Test
  void aLargePictureIsMadeSmaller() throws Exception {
    var kept = send(jpeg(4000, 3000)).body();
    assertThat(kept.path("width").asInt()).isEqualTo(2600);
    assertThat(kept.path("height").asInt()).isEqualTo(1950);
  }

  /** The header of a picture that says it is 50,000 × 50,000, with nothing behind it. */
  private static byte[] hugeHeader() {
    var header = ByteBuffer.allocate(17);
    header.put("IHDR".getBytes(StandardCharsets.US_ASCII)).putInt(50_000).putInt(50_000);
    header.put(new byte[] {8, 2, 0, 0, 0});
    var crc = new CRC32();
    crc.update(header.array());
    var png = ByteBuffer.allocate(8 + 4 + 17 + 4);
    png.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    png.putInt(13).put(header.array()).putInt((int) crc.getValue());
    return png.array();
  }

  @Test
  void whatIsNoPictureIsRefusedAndNothingIsKept() throws Exception {
    var before = APP.get("/api/plants/1/photos").body();
    var text = send("a text file named .jpg".getBytes(StandardCharsets.UTF_8));
    assertThat(text.status()).isEqualTo(400);
    assertThat(text.fault("photo"))
        .hasValueSatisfying(said -> assertThat(said).contains("no picture"));
    var huge = send(hugeHeader());
    assertThat(huge.fault("photo")).hasValueSatisfying(said -> assertThat(said).contains("50000"));
    var broken = jpeg(800, 600);
    assertThat(send(java.util.Arrays.copyOf(broken, 200)).status()).isEqualTo(400);
    assertThat(send(new byte[0]).fault("photo")).isPresent();
    var large = send(new byte[60_000_000]);
    assertThat(large.status()).isEqualTo(413);
    assertThat(large.body().path("detail").asString()).contains("at most 30 MB");
    assertThat(APP.get("/api/plants/1/photos").body()).isEqualTo(before);
  }

  @Test
  void aLengthIsReadOffAPicture() throws Exception {
    var asked =
        "{\"known\":[{\"x\":0,\"y\":0},{\"x\":600,\"y\":0}],\"knownMm\":120,\"path\":[{\"x\":10,\"y\":10},{\"x\":10,\"y\":210}]}";
    var read = APP.post("/api/measurements", asked).body();
    assertThat(read.path("mm").asDouble()).isBetween(39.99, 40.01);
    assertThat(read.path("plusMinusMm").asDouble()).isBetween(0.5, 1.5);
    assertThat(APP.post("/api/measurements", asked.replace("120", "0")).fault("knownMm"))
        .isPresent();
  }
}
