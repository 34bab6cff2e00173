package almanac.app.start;

import static java.util.stream.Collectors.joining;

import almanac.app.record.site.Today;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.aot.AotDetector;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.SpringProperties;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a database file of its own, spoken to as anybody would: over HTTP. */
public final class RunningApplication
    implements BeforeAllCallback, AfterAllCallback, AutoCloseable {
  public static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final JsonMapper JSON = JsonMapper.builder().build();

  static {
    // Only tests draw the description up; the program serves what they have checked.
    System.setProperty("springdoc.api-docs.path", "/api/openapi/drawn");
    System.setProperty("springdoc.default-produces-media-type", "application/json");
    System.setProperty("springdoc.default-consumes-media-type", "application/json");
    System.setProperty("springdoc.writer-with-order-by-keys", "true");
  }

  private final boolean demo;
  private boolean described;
  private LocalDate today;
  private final Before before;
  private final HttpClient client = HttpClient.newHttpClient();
  private Path data;
  private ConfigurableApplicationContext context;
  private String address;

  private RunningApplication(boolean demo, LocalDate today, Before before) {
    this.demo = demo;
    this.today = today;
    this.before = before;
  }

  /** What is done in the data folder before the application opens it. */
  public interface Before {
    void in(Path data) throws Exception;
  }

  public static RunningApplication empty() {
    return new RunningApplication(false, TODAY, data -> {});
  }

  public static RunningApplication withDemo() {
    return demoOn(TODAY);
  }

  /** The demo as it is opened on that day. */
  public static RunningApplication demoOn(LocalDate today) {
    return new RunningApplication(true, today, data -> WrittenDemo.into(data, today));
  }

  /** On a data folder that was filled before. */
  public static RunningApplication over(Before before) {
    return new RunningApplication(false, TODAY, before);
  }

  /** The demo, on a data folder that was filled before. */
  public static RunningApplication demoOver(Before before) {
    return new RunningApplication(true, TODAY, before);
  }

  /** The same, drawing its own description up; what the build wired has no means for that. */
  public RunningApplication described() {
    described = true;
    return this;
  }

  /** A sentence in parts as plain text. */
  public static String plain(JsonNode parts) {
    return parts.valueStream().map(part -> part.path("text").asString()).collect(joining());
  }

  /** What a line of the journal, or an answer, says. */
  public static String words(JsonNode of) {
    return plain(of.path("words"));
  }

  /** JSON as a test writes it. */
  public static JsonNode json(String text) {
    return JSON.readTree(text);
  }

  /** What was answered. */
  public record Answer(int status, String type, JsonNode body) {
    /** The sentence for the field at fault. */
    public Optional<String> fault(String field) {
      return body.path("faults")
          .valueStream()
          .filter(fault -> fault.path("field").asString().equals(field))
          .map(fault -> fault.path("sentence").asString())
          .findFirst();
    }
  }

  @Override
  public void beforeAll(ExtensionContext test) throws Exception {
    start();
  }

  @Override
  public void afterAll(ExtensionContext test) throws IOException {
    close();
  }

  /** Starts it for as long as somebody needs it. */
  public void start() throws Exception {
    data = Files.createTempDirectory("almanac-test");
    before.in(data);
    reopen();
  }

  /** Starts it again over what it has kept. */
  public void reopen() {
    var options = new Options(data, demo, false, "127.0.0.1", 0, Optional.of(today));
    SpringProperties.setProperty(AotDetector.AOT_ENABLED, String.valueOf(!described));
    context = Main.start(options);
    address = Main.address(context);
  }

  /** Closes it, and starts it again over what it has kept. */
  public void restart() {
    stop();
    reopen();
  }

  /** The same on another day. */
  public void restartOn(LocalDate day) {
    today = day;
    restart();
  }

  /** Without closing it another day begins. */
  public void goOnTo(LocalDate day) throws ReflectiveOperationException {
    today = day;
    var fixed = Today.class.getDeclaredField("fixed");
    fixed.setAccessible(true);
    fixed.set(bean(Today.class), day);
  }

  public LocalDate today() {
    return today;
  }

  /** Closes it; its folder stays until it is closed for good. */
  public void stop() {
    context.close();
  }

  /** The folder with its collection. */
  public Path data() {
    return data;
  }

  @Override
  public void close() throws IOException {
    context.close();
    WrittenDemo.delete(data);
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  public <T> T bean(String name, Class<T> type) {
    return context.getBean(name, type);
  }

  public String address() {
    return address;
  }

  public Answer get(String path) throws IOException, InterruptedException {
    return send(request(path).GET().build());
  }

  /** What is answered as text. */
  public String text(String path) throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(request(path).GET().build(), HttpResponse.BodyHandlers.ofString())
        .body();
  }

  /** What is answered, as bytes. */
  public byte[] bytes(String path) throws IOException, InterruptedException {
    return client.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray()).body();
  }

  public Answer post(String path, String json) throws IOException, InterruptedException {
    return send(
        request(path)
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(json))
            .build());
  }

  public Answer put(String path, String json) throws IOException, InterruptedException {
    return send(
        request(path)
            .header("Content-Type", "application/json")
            .PUT(HttpRequest.BodyPublishers.ofString(json))
            .build());
  }

  /** Sends a write with the key by which it happens once. */
  public Answer once(String key, String method, String path, String json)
      throws IOException, InterruptedException {
    return send(
        request(path)
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", key)
            .method(method, HttpRequest.BodyPublishers.ofString(json))
            .build());
  }

  public Answer delete(String path) throws IOException, InterruptedException {
    return send(request(path).DELETE().build());
  }

  public HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(address + path));
  }

  public Answer send(HttpRequest request) throws IOException, InterruptedException {
    var response = client.send(request, HttpResponse.BodyHandlers.ofString());
    var type = response.headers().firstValue("Content-Type").orElse("");
    var body = type.contains("json") ? JSON.readTree(response.body()) : JSON.createObjectNode();
    return new Answer(response.statusCode(), type, body);
  }
}
