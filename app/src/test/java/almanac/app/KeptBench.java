package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * A large collection with 2,000 photographs backed up, brought back, carried out and in again; run
 * by {@code ./almanac bench}.
 */
class KeptBench {
  private static final int PHOTOGRAPHS = 2000;

  @RegisterExtension
  static final RunningApplication APP = RunningApplication.over(CollectionBench::fill);

  @RegisterExtension static final RunningApplication OTHER = RunningApplication.empty();

  private final HttpClient client = HttpClient.newHttpClient();

  @Test
  void aLargeCollectionIsKeptAndCarried(@TempDir Path files) throws Exception {
    photographs();
    System.out.printf(
        "%,d plants with ten years of history and %,d photographs:%n",
        CollectionBench.PLANTS, PHOTOGRAPHS);
    say("a backup, proven", CollectionBench.millis(() -> sent(APP, "/api/backups")));
    var backup = APP.get("/api/backups").body().path("backups").path(0).path("name").asString();
    say(
        "brought back",
        CollectionBench.millis(() -> sent(APP, "/api/backups/%s/restore".formatted(backup))));
    size("its folder of backups", APP.data().resolve("backups"));
    var zip = files.resolve("all.zip");
    say("carried out", CollectionBench.millis(() -> saved(APP, zip)));
    size("the package", zip);
    var uid = new String[1];
    say("looked through", CollectionBench.millis(() -> uid[0] = looked(zip)));
    say("taken in", CollectionBench.millis(() -> sent(OTHER, "/api/package/arrivals/" + uid[0])));
    var again = files.resolve("again.zip");
    saved(OTHER, again);
    assertThat(Files.mismatch(zip, again)).as("carried out again").isEqualTo(-1);
  }

  private static Object sent(RunningApplication to, String path) throws Exception {
    var answer = to.post(path, "{}");
    assertThat(answer.status()).as(answer.body().toString()).isBetween(200, 299);
    return answer;
  }

  private Object saved(RunningApplication from, Path file) throws Exception {
    return client.send(
        HttpRequest.newBuilder(URI.create(from.address() + "/api/package")).build(),
        BodyHandlers.ofFile(file));
  }

  private String looked(Path file) throws Exception {
    var answer =
        client.send(
            HttpRequest.newBuilder(URI.create(OTHER.address() + "/api/package/arrivals"))
                .header("Content-Type", "application/zip")
                .POST(HttpRequest.BodyPublishers.ofFile(file))
                .build(),
            BodyHandlers.ofString());
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
    return RunningApplication.json(answer.body()).path("uid").asString();
  }

  private static void photographs() throws IOException, SQLException {
    var folder = Files.createDirectories(APP.data().resolve("photos"));
    var random = new Random(1);
    var picture = picture(random, 1200, 900);
    var small = picture(random, 240, 180);
    try (var connection = APP.bean(DataSource.class).getConnection();
        var insert =
            connection.prepareStatement(
                "insert into photo (uid, plant_id, taken_on, dated_by_picture, file, width, height,"
                    + " caption, added_on) values (?, ?, ?, true, ?, 1200, 900, '', ?)")) {
      for (int i = 0; i < PHOTOGRAPHS; i++) {
        var name = new UUID(random.nextLong(), random.nextLong()).toString();
        Files.write(folder.resolve(name + ".jpg"), picture);
        Files.write(folder.resolve(name + "-small.jpg"), small);
        insert.setObject(1, UUID.fromString(name));
        insert.setLong(2, 1 + random.nextInt(CollectionBench.PLANTS));
        insert.setObject(3, LocalDate.of(2026, 5, 1));
        insert.setString(4, name);
        insert.setObject(5, LocalDate.of(2026, 5, 1));
        insert.addBatch();
      }
      insert.executeBatch();
      connection.commit();
    }
  }

  /** Grain that shrinks no better than a photograph does. */
  private static byte[] picture(Random random, int width, int height) throws IOException {
    var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int grey = (x * 255 / width + random.nextInt(24)) & 0xFF;
        image.setRGB(x, y, grey << 16 | grey << 8 | grey);
      }
    }
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  private static void say(String what, double millis) {
    System.out.printf("  %-34s %8.1f s%n", what, millis / 1000);
  }

  private static void size(String what, Path path) throws IOException {
    long bytes = 0;
    try (var files = Files.walk(path)) {
      for (var file : files.filter(Files::isRegularFile).toList()) {
        bytes += Files.size(file);
      }
    }
    System.out.printf("  %-34s %8d MB%n", what, bytes / 1_000_000);
  }
}
