package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What no page sends is refused plainly, and nothing of it is kept. */
class PlainFailuresTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String LOOK =
      "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";

  /** Sends bytes as they are and gives back the head of what is answered. */
  private static String raw(String request, byte[] body) throws IOException {
    var at = URI.create(APP.address());
    try (var socket = new Socket(at.getHost(), at.getPort())) {
      var out = socket.getOutputStream();
      out.write(
          request
              .replace("HOST", at.getAuthority())
              .replace("\n", "\r\n")
              .getBytes(StandardCharsets.UTF_8));
      try {
        out.write(body);
        out.flush();
      } catch (IOException refusedMeanwhile) {
        // What was answered is read all the same.
      }
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static JsonNode all() throws Exception {
    return APP.get("/api/plants").body();
  }

  @ParameterizedTest(name = "{0} {1} {2}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "POST; /api/plants; {\"label\":\"A\",\"kind\":\"vanda\",\"placeId\":1,\"pottedOn\":\"2026\",\"mix\":[null]}; mix[0]",
        "POST; /api/plants/4/repots; {\"on\":\"2027-05-15\",\"mix\":[null]}; mix[0]",
        "POST; /api/plants/4/repots; {\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"LAVA\",\"parts\":1},null]}; mix[1]",
        "POST; /api/plants/4/what-if; {\"looks\":{},\"figures\":{},\"mix\":[null]}; mix[0]",
        "POST; /api/plants/4/inspections; {\"on\":\"2027-05-15\",\"looks\":{\"pests\":{\"answers\":[null]}}}; looks.pests.answers[0]",
        "PUT; /api/places; {\"places\":[null]}; places[0]",
        "PUT; /api/places/1/plants; {\"plants\":[null]}; plants[0]",
        "PUT; /api/aside; {\"plants\":[null],\"aside\":true}; plants[0]",
        "POST; /api/places; {\"name\":\"N\",\"means\":[1,1,1,1,1,null,1,1,1,1,1,1]}; means[5]",
        "POST; /api/measurements; {\"known\":[null,null],\"knownMm\":10,\"path\":[{\"x\":1,\"y\":1}]}; known[0]",
        "POST; /api/measurements; {\"known\":[{\"x\":1,\"y\":1},{\"x\":9,\"y\":1}],\"knownMm\":10,\"path\":[null]}; path[0]",
        "POST; /api/judgements; {\"situations\":[null]}; situations[0]"
      })
  void nothingIsNoElementOfAList(String method, String path, String json, String field)
      throws Exception {
    var before = all();
    var answer = APP.once("null-" + json.hashCode(), method, path, json);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(400);
    assertThat(answer.fault(field)).as("%s", answer.body()).isPresent();
    assertThat(all()).isEqualTo(before);
  }

  @ParameterizedTest
  @CsvSource({
    "/api/round?place=%FF, 400",
    "/api/round?place=%zz, 400",
    "/api/round?%FF=1, 400",
    "/api/plants/%FF, 400",
    "/api/plants/%zz, 400",
    "/error, 404",
    "/api/nothing, 404"
  })
  void anAddressThatCannotBeReadIsRefused(String path, int status) throws Exception {
    var answer =
        raw("GET %s HTTP/1.1\nHost: HOST\nConnection: close\n\n".formatted(path), new byte[0]);
    assertThat(answer).startsWith("HTTP/1.1 " + status + " ");
    assertThat(answer).doesNotContain("Exception").doesNotContain("Apache Tomcat");
  }

  @ParameterizedTest
  @CsvSource({"*/*, 415", "text/plain, 415", "nonsense, 415", "application/json;charset=no, 415"})
  void onlyJsonIsRead(String type, int status) throws Exception {
    var before = APP.get("/api/plants/4").body();
    var answer =
        raw(
            "POST /api/plants/4/inspections HTTP/1.1\nHost: HOST\nConnection: close\nContent-Type: %s\nContent-Length: %d\n\n"
                .formatted(type, LOOK.length()),
            LOOK.getBytes(StandardCharsets.UTF_8));
    assertThat(answer).startsWith("HTTP/1.1 " + status + " ").contains("/problems/");
    assertThat(APP.get("/api/plants/4").body()).isEqualTo(before);
  }

  @ParameterizedTest
  @CsvSource({"text/html", "image/png", "*/*", "nonsense"})
  void whatIsSavedIsAnsweredWhateverTheSenderLikes(String accept) throws Exception {
    var answer =
        APP.send(
            APP.request("/api/plants/5/inspections")
                .header("Content-Type", "application/json")
                .header("Accept", accept)
                .POST(HttpRequest.BodyPublishers.ofString(LOOK))
                .build());
    assertThat(answer.status()).isEqualTo(201);
    assertThat(answer.type()).startsWith("application/json");
    var refused =
        APP.send(
            APP.request("/api/plants/5/inspections")
                .header("Content-Type", "application/json")
                .header("Accept", accept)
                .POST(HttpRequest.BodyPublishers.ofString("{}"))
                .build());
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("type").asString()).startsWith("/problems/");
  }

  @Test
  void aBodyWithoutALengthHasALimitToo() throws Exception {
    var before = all();
    var chunk = "x".repeat(100_000);
    var body = new StringBuilder();
    for (int i = 0; i < 12; i++) {
      body.append(Integer.toHexString(chunk.length())).append("\r\n").append(chunk).append("\r\n");
    }
    var answer =
        raw(
            "POST /api/plants HTTP/1.1\nHost: HOST\nConnection: close\nContent-Type: application/json\nTransfer-Encoding: chunked\n\n",
            (body + "0\r\n\r\n").getBytes(StandardCharsets.UTF_8));
    assertThat(answer).startsWith("HTTP/1.1 413 ").contains("too much at once");
    assertThat(all()).isEqualTo(before);
  }

  private static byte[] picture(String format) throws IOException {
    var image = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 64; x++) {
      for (int y = 0; y < 48; y++) {
        image.setRGB(x, y, new Color(x * 4, y * 5, (x * y) % 256).getRGB());
      }
    }
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  private static int sent(byte[] picture) throws Exception {
    var body = new ByteArrayOutputStream();
    body.write(
        "--cut\r\nContent-Disposition: form-data; name=\"photo\"; filename=\"a.jpg\"\r\n\r\n"
            .getBytes(StandardCharsets.UTF_8));
    body.write(picture);
    body.write("\r\n--cut--\r\n".getBytes(StandardCharsets.UTF_8));
    return APP.send(
            APP.request("/api/plants/6/photos")
                .header("Content-Type", "multipart/form-data; boundary=cut")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                .build())
        .status();
  }

  @ParameterizedTest
  @CsvSource({"jpg", "png", "gif", "bmp"})
  void aDamagedPictureIsKeptOrRefused(String format) throws Exception {
    var random = new Random(format.hashCode());
    var whole = picture(format);
    int before = APP.get("/api/plants/6/photos").body().size();
    int kept = 0;
    int refused = 0;
    for (int i = 0; i < 175; i++) {
      var damaged = whole.clone();
      for (int hits = 1 + random.nextInt(8); hits > 0; hits--) {
        damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
      }
      if (i % 5 == 0) {
        damaged = java.util.Arrays.copyOf(damaged, 1 + random.nextInt(damaged.length));
      }
      int status = sent(damaged);
      assertThat(status).as("%s %d", format, i).isIn(201, 400);
      kept += status == 201 ? 1 : 0;
      refused += status == 400 ? 1 : 0;
    }
    assertThat(refused).as("some were damaged").isPositive();
    assertThat(APP.get("/api/plants/6/photos").body()).hasSize(before + kept);
  }

  @Test
  void nothingOfTheCollectionIsKeptOnTheWayAndPagesRunNothingFromElsewhere() throws Exception {
    var list =
        HttpClient.newHttpClient()
            .send(APP.request("/api/plants").GET().build(), HttpResponse.BodyHandlers.discarding())
            .headers();
    assertThat(list.allValues("Cache-Control")).containsExactly("no-store");
    assertThat(list.firstValue("Content-Security-Policy").orElse(""))
        .contains("default-src 'self'", "script-src 'self' 'sha256-", "frame-ancestors 'none'");
    assertThat(list.firstValue("X-Content-Type-Options")).contains("nosniff");
    assertThat(list.firstValue("X-Frame-Options")).contains("DENY");
    assertThat(list.firstValue("Referrer-Policy")).contains("no-referrer");
    var file =
        HttpClient.newHttpClient()
            .send(
                APP.request("/api/field-guide").GET().build(),
                HttpResponse.BodyHandlers.discarding());
    assertThat(file.headers().allValues("Cache-Control")).hasSize(1);
  }

  @Test
  void anAddressThatClimbsOutIsRefusedAsEverythingElseIs() throws Exception {
    var refused = APP.get("/api/photos/..%2F1");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.type()).contains("application/problem+json");
    assertThat(refused.body().path("detail").asString()).contains("cannot be read");
  }
}
