package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.start.RunningApplication;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Other devices of the house come in with a passphrase, and nobody else. */
class NetworkTest {
  private static final String PASSPHRASE = "quiet towpath heron";

  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private String address;
  private HttpClient trusting;

  @BeforeEach
  void open() throws Exception {
    var opened =
        APP.put("/api/network", "{\"open\":true,\"passphrase\":\"%s\"}".formatted(PASSPHRASE));
    assertThat(opened.status()).as(opened.body().toString()).isEqualTo(200);
    var way = opened.body().path("way");
    address = "https://127.0.0.1:" + URI.create(way.path("addresses").path(0).asString()).getPort();
    trusting =
        HttpClient.newBuilder().sslContext(trust(APP.bytes("/api/entrance/certificate"))).build();
  }

  @AfterEach
  void close() throws Exception {
    assertThat(APP.put("/api/network", "{\"open\":false,\"passphrase\":null}").status())
        .isEqualTo(200);
  }

  /** As somebody does who tells a phone to trust the certificate. */
  private static SSLContext trust(byte[] certificate) throws Exception {
    var store = KeyStore.getInstance(KeyStore.getDefaultType());
    store.load(null);
    store.setCertificateEntry(
        "home",
        CertificateFactory.getInstance("X.509")
            .generateCertificate(new ByteArrayInputStream(certificate)));
    var managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    managers.init(store);
    var context = SSLContext.getInstance("TLS");
    context.init(null, managers.getTrustManagers(), null);
    return context;
  }

  private HttpResponse<String> get(String path, String cookie) throws Exception {
    return trusting.send(
        HttpRequest.newBuilder(URI.create(address + path)).header("Cookie", cookie).build(),
        BodyHandlers.ofString());
  }

  private HttpResponse<String> knock(String passphrase) throws Exception {
    return trusting.send(
        HttpRequest.newBuilder(URI.create(address + "/api/entrance"))
            .header("Content-Type", "application/json")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "{\"passphrase\":\"%s\",\"device\":\"Phone\"}".formatted(passphrase)))
            .build(),
        BodyHandlers.ofString());
  }

  private static String cookie(HttpResponse<String> answer) {
    var set = answer.headers().firstValue("Set-Cookie").orElseThrow();
    assertThat(set).contains("Secure", "HttpOnly", "SameSite=Strict", "Path=/");
    return set.substring(0, set.indexOf(';'));
  }

  private String letIn() throws Exception {
    var answer = knock(PASSPHRASE);
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(204);
    return cookie(answer);
  }

  @Test
  void whoKnowsThePassphraseComesInAndIsSeenAndCanBeEnded() throws Exception {
    assertThat(get("/", "a=b").statusCode()).as("the page, which holds nothing").isIn(200, 404);
    var refused = get("/api/plants", "a=b");
    assertThat(refused.statusCode()).isEqualTo(401);
    assertThat(refused.headers().firstValue("Content-Type").orElseThrow())
        .startsWith("application/problem+json");
    var cookie = letIn();
    assertThat(get("/api/plants", cookie).statusCode()).isEqualTo(200);
    assertThat(get("/api/plants", cookie.substring(0, cookie.length() - 1) + "x").statusCode())
        .isEqualTo(401);

    var devices = APP.get("/api/network").body().path("devices");
    assertThat(devices.size()).isEqualTo(1);
    assertThat(devices.path(0).path("name").asString()).isEqualTo("Phone");
    var ended = APP.delete("/api/network/devices/" + devices.path(0).path("uid").asString());
    assertThat(ended.status()).isEqualTo(204);
    assertThat(get("/api/plants", cookie).statusCode()).isEqualTo(401);
  }

  @Test
  void onTheMachineItselfNothingIsAskedAndOverTheNetworkTheSwitchIsNotTouched() throws Exception {
    assertThat(APP.get("/api/plants").status()).isEqualTo(200);
    var turned =
        trusting.send(
            HttpRequest.newBuilder(URI.create(address + "/api/network"))
                .header("Content-Type", "application/json")
                .header("Cookie", letIn())
                .PUT(HttpRequest.BodyPublishers.ofString("{\"open\":false,\"passphrase\":null}"))
                .build(),
            BodyHandlers.ofString());
    assertThat(turned.statusCode()).isEqualTo(409);
    assertThat(get("/api/plants", "a=b").statusCode()).as("still open").isEqualTo(401);
  }

  @Test
  void aHundredWrongPassphrasesAreSlowedDownAndTheRightOneWaitsToo() throws Exception {
    var answers = new TreeMap<Integer, Integer>();
    for (int i : IntStream.range(0, 100).toArray()) {
      answers.merge(knock("wrong passphrase " + i).statusCode(), 1, Integer::sum);
    }
    assertThat(answers.get(403)).as("looked at").isBetween(5, 7);
    assertThat(answers.get(429)).as("not even looked at").isEqualTo(100 - answers.get(403));
    var right = knock(PASSPHRASE);
    assertThat(right.statusCode()).isEqualTo(429);
    assertThat(right.headers().firstValueAsLong("Retry-After").orElseThrow()).isPositive();
    APP.restart();
    open();
    letIn();
  }

  @Test
  void anotherPassphraseLetsNobodyStayIn() throws Exception {
    var cookie = letIn();
    assertThat(
            APP.put("/api/network", "{\"open\":true,\"passphrase\":\"another reed wharf\"}")
                .status())
        .isEqualTo(200);
    open();
    assertThat(get("/api/plants", cookie).statusCode()).isEqualTo(401);
  }

  @Test
  void aDeviceStaysInOverARestartAndOpensByItself() throws Exception {
    var cookie = letIn();
    APP.restart();
    var way = APP.get("/api/network").body().path("way");
    address = "https://127.0.0.1:" + URI.create(way.path("addresses").path(0).asString()).getPort();
    assertThat(get("/api/plants", cookie).statusCode()).isEqualTo(200);
  }

  @Test
  void whoDoesNotTrustTheCertificateIsToldAndForeignNamesAreRefused() throws Exception {
    assertThatThrownBy(
            () ->
                HttpClient.newHttpClient()
                    .send(
                        HttpRequest.newBuilder(URI.create(address)).build(),
                        BodyHandlers.ofString()))
        .isInstanceOf(SSLHandshakeException.class);
    assertThat(statusFor("almanac.example")).contains(" 421");
    assertThat(statusFor("localhost")).contains(" 401");
  }

  /** What a page from elsewhere gets that gave its own name this machine's address. */
  private String statusFor(String host) throws Exception {
    int port = URI.create(address).getPort();
    try (var socket =
        trust(APP.bytes("/api/entrance/certificate"))
            .getSocketFactory()
            .createSocket("127.0.0.1", port)) {
      socket
          .getOutputStream()
          .write(
              "GET /api/plants HTTP/1.1\r\nHost: %s:%d\r\nConnection: close\r\n\r\n"
                  .formatted(host, port)
                  .getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .findFirst()
          .orElseThrow();
    }
  }

  @Test
  void weakPassphrasesAreRefusedByName() throws Exception {
    for (var weak : new String[] {"short", "aaaaaaaaaaaaaaa"}) {
      var answer = APP.put("/api/network", "{\"open\":true,\"passphrase\":\"%s\"}".formatted(weak));
      assertThat(answer.fault("passphrase")).isPresent();
    }
    letIn();
  }

  @Test
  void whatIsKeptTellsNobodyThePassphraseAndIsNoPartOfTheCollection() throws Exception {
    var cookie = letIn();
    var folder = APP.data().resolve("network");
    try (var files = Files.list(folder)) {
      for (var file : files.toList()) {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
            .as(file.toString())
            .isEqualTo("rw-------");
      }
    }
    var kept = Files.readString(folder.resolve("access.json"));
    assertThat(kept).doesNotContain(PASSPHRASE).doesNotContain(token(cookie));
    var carried = new String(APP.bytes("/api/package"), StandardCharsets.ISO_8859_1);
    assertThat(carried).doesNotContain("access.json");
    assertThat(everythingIn("almanac")).doesNotContain(PASSPHRASE);
  }

  private static String token(String cookie) {
    return cookie.substring(cookie.indexOf('=') + 1);
  }

  private static String everythingIn(String prefix) throws IOException {
    var all = new StringBuilder();
    try (var files = Files.list(APP.data())) {
      for (var file : files.filter(Files::isRegularFile).toList()) {
        if (Objects.toString(file.getFileName()).startsWith(prefix)) {
          all.append(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1));
        }
      }
    }
    assertThat(all).isNotEmpty();
    return all.toString();
  }
}
