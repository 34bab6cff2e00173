package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.RunningApplication.Answer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Lists of plants that somebody kept in a spreadsheet come into the collection. */
class SheetsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static byte[] messy() throws IOException {
    try (var in = SheetsTest.class.getResourceAsStream("/sheets/messy.csv")) {
      return Objects.requireNonNull(in).readAllBytes();
    }
  }

  private static Answer look(byte[] bytes) throws Exception {
    return APP.send(
        APP.request("/api/sheets?name=plants.csv")
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
            .build());
  }

  private static Answer look(String csv) throws Exception {
    return look(csv.getBytes(StandardCharsets.UTF_8));
  }

  private static ObjectNode decisions(Answer looked) {
    assertThat(looked.status()).as(looked.body().toString()).isEqualTo(201);
    var decisions = (ObjectNode) looked.body().path("guess").deepCopy();
    for (var list : List.of("kinds", "places", "corrected", "leftOut")) {
      decisions.putArray(list);
    }
    return decisions;
  }

  private static Answer read(Answer looked, JsonNode decisions) throws Exception {
    return APP.post(path(looked) + "/reading", decisions.toString());
  }

  private static Answer bring(Answer looked, JsonNode decisions) throws Exception {
    return APP.once("bring-" + System.nanoTime(), "POST", path(looked), decisions.toString());
  }

  private static String path(Answer looked) {
    return "/api/sheets/" + looked.body().path("uid").asString();
  }

  private static ArrayNode list(ObjectNode decisions, String name) {
    return (ArrayNode) decisions.path(name);
  }

  private static int plants() throws Exception {
    return APP.get("/api/plants").body().size();
  }

  @Test
  void aMessyListOfThreeHundredPlantsComesInAndGoesAgain() throws Exception {
    int before = plants();
    var looked = look(messy());
    assertThat(looked.body().path("rows").asInt()).isEqualTo(300);
    var decisions = decisions(looked);
    var reading = read(looked, decisions).body();
    assertThat(reading.path("faults").valueStream().map(each -> each.path("row").asInt()))
        .containsExactlyInAnyOrder(18, 41, 62, 81, 106, 155, 228);
    assertThat(reading.path("days").path("proven").asBoolean()).isTrue();
    var refused = bring(looked, decisions);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.fault("rows").orElseThrow()).startsWith("Row 18: ");
    assertThat(plants()).isEqualTo(before);

    list(decisions, "corrected").addObject().put("row", 18).put("column", 3).put("text", "2024");
    list(decisions, "kinds")
        .addObject()
        .put("words", "mystery")
        .put("key", "oncidium")
        .put("anew", true);
    List.of(41, 62, 81, 106, 228).forEach(list(decisions, "leftOut")::add);
    var clean = read(looked, decisions).body();
    assertThat(clean.path("faulty").asInt()).as(clean.path("faults").toString()).isZero();
    assertThat(clean.path("plants").asInt()).isEqualTo(295);
    var brought = bring(looked, decisions);

    assertThat(brought.status()).as(brought.body().toString()).isEqualTo(201);
    assertThat(brought.body().path("plants").asInt()).isEqualTo(295);
    var lines = APP.get("/api/plants").body();
    // One died, one was given away; both are in the record and not here.
    assertThat(lines.size()).isEqualTo(before + 293);
    assertThat(APP.get("/api/plants/gone").body().size()).isEqualTo(2);
    var cafe =
        lines
            .valueStream()
            .filter(line -> line.path("name").asString().equals("Phalaenopsis café blanc"))
            .findFirst()
            .orElseThrow();
    var page = APP.get("/api/plants/" + cafe.path("id").asLong()).body();
    assertThat(page.path("card").path("number").asString()).isEqualTo("281");
    assertThat(page.path("slip").path("verdict").isMissingNode()).isFalse();
    assertThat(page.path("journal").toString()).contains("plants.csv");

    var back = APP.post("/api/acts/" + brought.body().path("act").asString() + "/withdrawal", "{}");
    assertThat(back.status()).as(back.body().toString()).isBetween(200, 204);
    assertThat(plants()).isEqualTo(before);
  }

  @Test
  void aWorkbookIsReadLikeAListOfText() throws Exception {
    var out = new ByteArrayOutputStream();
    try (var book = new Workbook(out, "test", "1.0")) {
      book.newWorksheet("empty");
      var sheet = book.newWorksheet("plants");
      var heads = List.of("Name", "Place", "Potted", "Pot (cm)");
      for (int column = 0; column < heads.size(); column++) {
        sheet.value(1, column, heads.get(column));
      }
      sheet.value(3, 0, "Vanda High Water");
      sheet.value(3, 1, "Shelf 1");
      sheet.value(3, 2, LocalDate.of(2026, 3, 4));
      sheet.style(3, 2).format("dd.mm.yyyy").set();
      sheet.value(3, 3, 12.5);
    }
    var looked = look(out.toByteArray());
    var first = read(looked, decisions(looked)).body().path("first").path(0);

    assertThat(first.path("row").asInt()).isEqualTo(4);
    assertThat(first.path("label").asString()).isEqualTo("Vanda High Water");
    assertThat(first.path("pottedOn").asString()).isEqualTo("2026-03-04");
    assertThat(first.path("potMm").asDouble()).isEqualTo(125);
  }

  @Test
  void ownNumbersAreKeptAndTheOthersGoOnAfterThem() throws Exception {
    var looked = look("No,Name\n27-040,Vanda A\n,Vanda B\n,Vanda C\n");
    assertThat(bring(looked, decisions(looked)).status()).isEqualTo(201);
    assertThat(
            APP.get("/api/plants")
                .body()
                .valueStream()
                .filter(line -> line.path("name").asString().startsWith("Vanda "))
                .map(line -> line.path("number").asString()))
        .contains("27-040", "27-041", "27-042");
  }

  @Test
  void placesAreMadeOnceAndPlantsStandThereInTheirOrder() throws Exception {
    var looked =
        look("Name;Where\nBrassia A;Boat shelf\nBrassia B;boat shelf\nBrassia C;Boat shelf\n");
    assertThat(bring(looked, decisions(looked)).status()).isEqualTo(201);
    assertThat(
            APP.get("/api/places")
                .body()
                .valueStream()
                .filter(place -> place.path("name").asString().equals("Boat shelf"))
                .map(place -> place.path("kind").asString()))
        .containsExactly("SHELF");
    assertThat(
            APP.get("/api/plants")
                .body()
                .valueStream()
                .map(line -> line.path("name").asString())
                .filter(name -> name.startsWith("Brassia ")))
        .containsExactly("Brassia A", "Brassia B", "Brassia C");
  }

  @Test
  void whatIsNoListIsRefusedInASentence() throws Exception {
    assertThat(look("").fault("file")).hasValue("There is nothing in this file.");
    assertThat(look("Name,Place\n").fault("file"))
        .hasValue("There is no plant below the headings.");
    assertThat(look(new byte[] {'P', 'K', 3, 4, 1, 2, 3}).fault("file"))
        .hasValue("This is no XLSX workbook, or it is damaged.");
    assertThat(look(new byte[] {1, 0, 2, 0}).fault("file"))
        .hasValue("This is no table: neither CSV nor XLSX.");
    assertThat(look("Name\n" + "Vanda A\n".repeat(10_001)).fault("file"))
        .hasValue(
            "A list has at most 10000 rows, empty ones among them; part it, or remove those.");
    assertThat(look("Name,Notes\nVanda A," + "x".repeat(9000)).fault("file"))
        .hasValue("A cell in row 2 has more than 8000 characters.");
  }

  @Test
  void aWorkbookThatUnpacksToFarTooMuchIsRefused() throws Exception {
    var out = new ByteArrayOutputStream();
    try (var zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("xl/sharedStrings.xml"));
      zip.write("<sst>".getBytes(StandardCharsets.UTF_8));
      var much = "<a></a>  ".repeat(100_000).getBytes(StandardCharsets.UTF_8);
      for (int i = 0; i < 120; i++) {
        zip.write(much);
      }
    }
    assertThat(look(out.toByteArray()).fault("file"))
        .hasValue("This workbook unpacks to far more than a list can be.");
  }

  @Test
  void decisionsThatDoNotGoWithTheListAreRefusedByName() throws Exception {
    var looked = look("Name,Place\nVanda A,x\n");
    var two = decisions(looked);
    list(two, "columns").removeAll().add("LABEL").add("LABEL");
    assertThat(read(looked, two).fault("columns")).isPresent();
    var one = decisions(looked);
    list(one, "columns").remove(0);
    assertThat(read(looked, one).fault("columns")).isPresent();
    var nowhere = decisions(looked);
    list(nowhere, "places").addObject().put("words", "x").putNull("placeId").put("name", " ");
    assertThat(read(looked, nowhere).fault("places[0].name")).isPresent();
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "windows-1252", "UTF-16"})
  void theUsualEncodingsAreRead(String encoding) throws Exception {
    var looked = look("Name\tPlace\nVanda Brüggele\tx\nVanda B\ty\n".getBytes(encoding));
    assertThat(looked.body().path("columns").path(0).path("examples").path(0).asString())
        .isEqualTo("Vanda Brüggele");
  }

  @Test
  void aListThatWasLeftIsGone() throws Exception {
    var looked = look("Name\nVanda A\n");
    assertThat(APP.delete("/api/sheets").status()).isEqualTo(204);
    assertThat(read(looked, decisions(looked)).status()).isEqualTo(404);
  }
}
