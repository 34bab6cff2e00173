package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.app.start.RunningApplication;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManager;
import javax.net.ssl.TrustManagerFactory;
import javax.net.ssl.X509ExtendedTrustManager;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

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

  /** Opened, and nothing sent on it but a beginning. */
  private static Socket slow(int port, String begins) throws Exception {
    var all = SSLContext.getInstance("TLS");
    all.init(null, new TrustManager[] {new Everything()}, null);
    var socket = all.getSocketFactory().createSocket("127.0.0.1", port);
    socket.getOutputStream().write(begins.getBytes(StandardCharsets.US_ASCII));
    socket.getOutputStream().flush();
    return socket;
  }

  private static final class Everything extends X509ExtendedTrustManager {
    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type) {}

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {}

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

    @Override
    public X509Certificate[] getAcceptedIssuers() {
      return new X509Certificate[0];
    }
  }

  @Test
  void slowSendersKeepNobodyElseOut() throws Exception {
    var cookie = letIn();
    int port = URI.create(address).getPort();
    var slow = new ArrayList<Socket>();
    try {
      for (var path : List.of("/api/plants", "/api/entrance", "/api/package/arrivals")) {
        for (int i = 0; i < 18; i++) {
          slow.add(
              slow(
                  port,
                  "POST %s HTTP/1.1\r\nHost: 127.0.0.1:%d\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{"
                      .formatted(path, port)));
        }
      }
      assertThat(get("/api/plants", cookie).statusCode()).isEqualTo(200);
      assertThat(
              trusting
                  .send(
                      HttpRequest.newBuilder(URI.create(address + "/api/places"))
                          .header("Cookie", cookie)
                          .header("Content-Type", "application/json")
                          .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"Boat house\"}"))
                          .build(),
                      BodyHandlers.ofString())
                  .statusCode())
          .isEqualTo(201);
      var refused = slow.get(0);
      refused.setSoTimeout(5000);
      var answer = new String(refused.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
      assertThat(answer).as("refused before its body came").isEqualTo("HTTP/1.1 401");
    } finally {
      for (var each : slow) {
        each.close();
      }
    }
  }

  @Test
  void nobodyHoldsAllConnections() throws Exception {
    int port = URI.create(address).getPort();
    var open = new ArrayList<Socket>();
    int closed = 0;
    try {
      for (int i = 0; i < 80; i++) {
        var socket = new Socket("127.0.0.1", port);
        socket.setSoTimeout(2000);
        open.add(0, socket);
      }
      for (var socket : open) {
        try {
          if (socket.getInputStream().read() < 0) {
            closed++;
          }
        } catch (SocketTimeoutException held) {
          // It is open.
        } catch (SocketException reset) {
          closed++;
        }
        if (closed > 0) {
          break;
        }
      }
      assertThat(closed).isPositive();
    } finally {
      for (var each : open) {
        each.close();
      }
    }
  }

  @Test
  void onlySuitesThatHideTheirPastAndSumWhatTheyHideAreSpoken() throws Exception {
    int port = URI.create(address).getPort();
    var all = SSLContext.getInstance("TLS");
    all.init(null, new TrustManager[] {new Everything()}, null);
    var spoken = new TreeSet<String>();
    for (var suite : all.getSupportedSSLParameters().getCipherSuites()) {
      for (var version : List.of("TLSv1.2", "TLSv1.3")) {
        try (var socket = (SSLSocket) all.getSocketFactory().createSocket("127.0.0.1", port)) {
          socket.setEnabledProtocols(new String[] {version});
          socket.setEnabledCipherSuites(new String[] {suite});
          socket.startHandshake();
          spoken.add(suite);
        } catch (IOException | IllegalArgumentException refused) {
          // It is not.
        }
      }
    }
    assertThat(spoken).allMatch(suite -> suite.contains("_GCM_") || suite.contains("_POLY1305_"));
    assertThat(spoken)
        .contains("TLS_AES_256_GCM_SHA384")
        .anyMatch(suite -> suite.startsWith("TLS_ECDHE_"));
  }

  @Test
  void aSecondPlaceForBackupsIsChosenAtTheMachineAlone(@TempDir Path disk) throws Exception {
    var cookie = letIn();
    var chosen =
        trusting.send(
            HttpRequest.newBuilder(URI.create(address + "/api/backups/second"))
                .header("Cookie", cookie)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString("{\"folder\":\"%s\"}".formatted(disk)))
                .build(),
            BodyHandlers.ofString());
    assertThat(chosen.statusCode()).isEqualTo(409);
    assertThat(chosen.body()).contains("on the machine itself").doesNotContain("Already changed");
    assertThat(disk).isEmptyDirectory();
  }
}
