package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.ground.disk.FolderName;
import almanac.app.ground.disk.StartRefused;
import almanac.app.start.RunningApplication;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What strangers, wrong clocks and odd programs send, and what is kept from whom. */
class SmallFaultsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static String raw(String request) throws Exception {
    var address = URI.create(APP.address());
    try (var socket = new Socket(address.getHost(), address.getPort())) {
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      socket.getOutputStream().flush();
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void anOldRequestWithoutAHostIsRefused() throws Exception {
    var answer =
        raw("POST /api/places HTTP/1.0\r\nOrigin: http://elsewhere\r\nContent-Length: 2\r\n\r\n{}");
    assertThat(answer).startsWith("HTTP/1.1 4");
  }

  @Test
  void anotherSitesPageGetsNoPackageMade() throws Exception {
    var asked =
        APP.send(
            APP.request("/api/package")
                .header("Sec-Fetch-Site", "cross-site")
                .header("Sec-Fetch-Dest", "image")
                .GET()
                .build());
    assertThat(asked.status()).isEqualTo(403);
    assertThat(
            APP.send(APP.request("/api/site").header("Sec-Fetch-Site", "same-origin").GET().build())
                .status())
        .isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/year/past?plants=1,,2",
        "/api/year/past?plants=%00",
        "/api/treatments/neighbours?plants=1,%00",
        "/api/round?place=,",
        "/api/small-jobs?plant="
      })
  void nothingInTheMidstOfNumbersIsRefused(String path) throws Exception {
    assertThat(APP.get(path).status()).isEqualTo(400);
  }

  @ParameterizedTest
  @ValueSource(strings = {"+999999999-01-01", "-999999999-12-31", "9999-12-31", "0001-01-01"})
  void aYearThatNobodyMeansIsRefused(String day) throws Exception {
    var look =
        APP.post(
            "/api/plants/1/inspections",
            "{\"on\":\"%s\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}".formatted(day));
    assertThat(look.status()).as("%s", look.body()).isEqualTo(400);
    assertThat(look.fault("on")).isPresent();
    assertThat(
            APP.get("/api/bench-days/%s/preparation".formatted(day.replace("+", "%2B"))).status())
        .isEqualTo(400);
    var sum = APP.post("/api/sums/day-length", "{\"latitude\":56,\"on\":\"%s\"}".formatted(day));
    assertThat(sum.status()).as("%s", sum.body()).isEqualTo(400);
  }

  @ParameterizedTest
  @ValueSource(strings = {"\"Infinity\"", "\"NaN\"", "\"-INF\"", "\"56\"", "1e999", "true"})
  void whatIsNoNumberIsRefused(String number) throws Exception {
    var site = APP.put("/api/site", "{\"latitude\":%s}".formatted(number));
    assertThat(site.status()).as("%s", site.body()).isEqualTo(400);
    assertThat(site.body().toString()).contains("latitude").doesNotContain("java.", "@");
  }

  @Test
  void noObjectOfTheProgramIsNamedInASentence() throws Exception {
    var boundary = "cut";
    var body =
        "--cut\r\nContent-Disposition: form-data; name=\"photo\"\r\n\r\ntext\r\n"
            + "--cut\r\nContent-Disposition: form-data; name=\"look\"; filename=\"x.jpg\"\r\n\r\nx\r\n--cut--\r\n";
    var sent =
        APP.send(
            APP.request("/api/plants/1/photos")
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    assertThat(sent.status()).isEqualTo(400);
    assertThat(sent.body().toString()).doesNotContain("@", "org.", "java.");
  }

  @Test
  void whatIsKeptIsForItsOwnerAlone() throws Exception {
    assertThat(APP.post("/api/backups", "{}").status()).isEqualTo(201);
    var data = APP.data();
    for (var folder : List.of("", "photos", "backups", "backups/photographs")) {
      assertThat(permissions(data.resolve(folder))).as(folder).isEqualTo("rwx------");
    }
    int files = 0;
    try (var all = Files.walk(data)) {
      for (var file :
          all.filter(each -> each.toString().matches(".*\\.(jpg|db|zip|json)")).toList()) {
        assertThat(permissions(file)).as("%s", file).isEqualTo("rw-------");
        files++;
      }
    }
    assertThat(files).isGreaterThan(30);
  }

  private static String permissions(Path path) throws Exception {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  @Test
  void aFolderThatTheDatabaseWouldReadOtherwiseIsRefusedByName() {
    for (var bad : List.of("a;b", "a\\b", "a${user.home}b", "a#{1+1}b")) {
      assertThatThrownBy(() -> FolderName.checked(Path.of("/tmp", bad)))
          .as(bad)
          .isInstanceOf(StartRefused.class)
          .hasMessageContaining("Choose another with --data");
    }
    assertThat(FolderName.checked(Path.of("/tmp/a $b {c} 'd' ü")))
        .isEqualTo(Path.of("/tmp/a $b {c} 'd' ü"));
  }
}
