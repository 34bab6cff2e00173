package almanac.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A person's browser, without a screen. It writes down every message of the console and every
 * request that would leave the machine.
 */
final class Browsing implements AutoCloseable {
  private static final Pattern OF_A_PLANT = Pattern.compile("/plants/([A-Z][^/]*)(.*)");

  private static final List<String> FLAGS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          // As if somebody had told it to trust the certificate of the house.
          "--ignore-certificate-errors",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  private static final String CONTRAST = "color-contrast";

  /**
   * Marks a text of each ink on each ground. To read how strong it stands out takes axe four fifths
   * of its time, and what is drawn alike reads alike.
   */
  private static final String INKS =
      """
      () => {
        document.querySelectorAll('[data-ink]').forEach(e => e.removeAttribute('data-ink'));
        const seen = new Set();
        const ink = e => {
          const drawn = [];
          for (let at = e; at; at = at.parentElement) {
            const style = getComputedStyle(at);
            drawn.push(style.backgroundColor, style.backgroundImage, style.opacity);
          }
          const own = getComputedStyle(e);
          return [e.tagName, e.getAttribute('class'), own.color, own.fill, own.fontSize,
            own.fontWeight, ...drawn].join();
        };
        const mark = e => {
          const box = e?.getBoundingClientRect();
          if (!box?.width || !box.height || !e.checkVisibility()) return;
          const key = ink(e);
          if (!seen.has(key)) {
            seen.add(key);
            e.setAttribute('data-ink', '');
          }
        };
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (texts.nextNode()) {
          if (texts.currentNode.data.trim()) mark(texts.currentNode.parentElement);
        }
        document.querySelectorAll('input, select, textarea').forEach(mark);
      }
      """;

  private static final String FAINT =
      """
      async () => {
        const found = await axe.run(
          { include: [['[data-ink]']] },
          { runOnly: ['color-contrast'], resultTypes: ['violations'] });
        return found.violations.flatMap(rule => rule.nodes.map(node => node.html));
      }
      """;

  /** What stands in the console where a test asked for a browser that keeps no pages. */
  private static final String NOTHING_KEPT = "Service Worker registration blocked by Playwright";

  private static final Browser BROWSER = launched();

  private final BrowserContext context;
  private final Page page;
  private final String address;
  private final List<String> complaints = new ArrayList<>();

  /** One browser for all tests, with a clean profile for each; it goes when the tests are done. */
  private static Browser launched() {
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    var playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of(System.getProperty("almanac.chromium")))
                .setArgs(FLAGS));
  }

  private Browsing(String address, int width, int height, ColorScheme scheme) {
    this(address, width, height, scheme, ServiceWorkerPolicy.BLOCK);
  }

  private Browsing(
      String address, int width, int height, ColorScheme scheme, ServiceWorkerPolicy keeping) {
    this.address = address;
    this.context =
        BROWSER.newContext(
            new Browser.NewContextOptions()
                .setBaseURL(address)
                .setColorScheme(scheme)
                .setLocale("en-GB")
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE)
                .setViewportSize(width, height)
                .setServiceWorkers(keeping));
    this.page = context.newPage();
    page.onConsoleMessage(
        message -> {
          if (List.of("error", "warning").contains(message.type())
              && !message.text().contains(NOTHING_KEPT)) {
            complaints.add(message.type() + ": " + message.text());
          }
        });
    page.onPageError(error -> complaints.add("error: " + error));
    page.onRequest(
        request -> {
          var url = request.url().replaceFirst("^blob:", "");
          if (!url.startsWith(address) && !url.startsWith("data:")) {
            complaints.add("a request left the machine: " + url);
          }
        });
  }

  /** One that keeps pages for when the program does not answer; the others have no time for it. */
  static Browsing keeping(String address) {
    return new Browsing(address, 1280, 800, ColorScheme.LIGHT, ServiceWorkerPolicy.ALLOW);
  }

  static Browsing keepingPhone(String address) {
    return new Browsing(address, 390, 844, ColorScheme.LIGHT, ServiceWorkerPolicy.ALLOW);
  }

  /** A desk screen, by day. */
  static Browsing desk(String address) {
    return new Browsing(address, 1280, 800, ColorScheme.LIGHT);
  }

  /** A desk screen in the evening. */
  static Browsing lamp(String address) {
    return new Browsing(address, 1280, 800, ColorScheme.DARK);
  }

  /** A phone held upright. */
  static Browsing phone(String address) {
    return new Browsing(address, 390, 844, ColorScheme.LIGHT);
  }

  /** A tablet held upright. */
  static Browsing tablet(String address) {
    return new Browsing(address, 820, 1180, ColorScheme.LIGHT);
  }

  Page page() {
    return page;
  }

  /**
   * Opens a page of the program and waits until it is drawn.
   *
   * @param path a plant in it is named: {@code /plants/Brassia Lock Keeper/inspect}
   */
  Page open(String path) {
    var plant = OF_A_PLANT.matcher(path);
    page.navigate(plant.matches() ? "/plants/" + idOf(plant.group(1)) + plant.group(2) : path);
    page.locator("main h1").waitFor();
    return page;
  }

  /** Opens the page of a plant. */
  Page plant(String name) {
    return plant(name, "");
  }

  /**
   * Opens one of the pages of a plant.
   *
   * @param part such as {@code /inspect}
   */
  Page plant(String name, String part) {
    return open("/plants/" + name + part);
  }

  /** The id of a plant that is there. */
  long idOf(String name) {
    for (var plant :
        JsonParser.parseString(page.request().get("/api/plants").text()).getAsJsonArray()) {
      var line = plant.getAsJsonObject();
      // Beside the names of twins stands a number; the one with the lowest comes first.
      if (line.get("name").getAsString().replaceFirst(" \\([^ ]+\\)$", "").equals(name)) {
        return line.get("id").getAsLong();
      }
    }
    throw new IllegalArgumentException("There is no plant " + name);
  }

  /** What the console said that it should not have said. */
  List<String> complaints() {
    return List.copyOf(complaints);
  }

  /** Forgets complaints about an answer the test has asked for. */
  void expectedRefusal() {
    complaints.removeIf(complaint -> complaint.contains("status of 400"));
  }

  /** The violations that axe finds on the page as it stands. */
  List<String> violations() {
    var found =
        axe().disableRules(List.of(CONTRAST)).analyze().getViolations().stream()
            .map(
                rule ->
                    rule.getId()
                        + ": "
                        + rule.getNodes().stream().map(node -> node.getHtml()).toList());
    return Stream.concat(found, faint().stream().map((CONTRAST + ": ")::concat)).toList();
  }

  /** What is too faint to be read when the lamp is lit for a moment. */
  List<String> faintByLamp() {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    try {
      return faint();
    } finally {
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
    }
  }

  /** What axe finds to be too faint to be read. */
  List<String> faint() {
    if (!(boolean) page.evaluate("'axe' in window")) {
      axe().withRules(List.of("document-title")).analyze();
    }
    page.evaluate(INKS);
    return ((List<?>) page.evaluate(FAINT)).stream().map(String::valueOf).toList();
  }

  /**
   * It reports what is against a rule, and nothing of all that is not; and it looks at the page
   * from within, since there are no frames: that takes a fraction of the time.
   */
  private AxeBuilder axe() {
    var options = new AxeRunOptions();
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder(page).setLegacyMode(true).options(options);
  }

  /** Nothing has to be pushed sideways to be seen. */
  void fitsTheScreen() {
    var wider =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(((Number) wider).intValue()).as("pixels wider than the screen").isZero();
  }

  @Override
  public void close() {
    context.close();
  }

  @Override
  public String toString() {
    return address;
  }
}
