package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The collection carried out as a package, into an empty program, and out of that again. */
class PackagesTest {
  @RegisterExtension static final RunningApplication DEMO = RunningApplication.withDemo();
  @RegisterExtension static final RunningApplication OTHER = RunningApplication.empty();

  static RunningApplication.Answer look(byte[] bytes) throws Exception {
    return OTHER.send(
        OTHER
            .request("/api/package/arrivals")
            .header("Content-Type", "application/zip")
            .header("Idempotency-Key", "arrival-" + System.nanoTime())
            .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
            .build());
  }

  private static String take(byte[] bytes) throws Exception {
    var looked = look(bytes);
    assertThat(looked.status()).as(looked.body().toString()).isEqualTo(201);
    var taken =
        OTHER.once(
            "take-in-" + System.nanoTime(),
            "POST",
            "/api/package/arrivals/" + looked.body().path("uid").asString(),
            "{}");
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
    return taken.body().path("before").asString();
  }

  static Map<String, byte[]> files(byte[] zip) throws Exception {
    var files = new LinkedHashMap<String, byte[]>();
    try (var in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    return files;
  }

  /** As by somebody who changes it by hand, and takes the sums and the seal out. */
  private static byte[] zip(Map<String, byte[]> files) throws Exception {
    files = new LinkedHashMap<>(files);
    files.computeIfPresent(
        "datapackage.json",
        (name, bytes) ->
            new String(bytes, StandardCharsets.UTF_8)
                .replaceAll("\"hash\" : \"[^\"]+\"", "\"hash\" : \"\"")
                .replace("\"sealed\" : true", "\"sealed\" : false")
                .getBytes(StandardCharsets.UTF_8));
    var out = new ByteArrayOutputStream();
    try (var zip = new ZipOutputStream(out)) {
      for (var file : files.entrySet()) {
        var entry = new ZipEntry(file.getKey());
        entry.setTimeLocal(LocalDateTime.of(1980, 1, 1, 0, 0));
        zip.putNextEntry(entry);
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  private static byte[] with(String file, UnaryOperator<String> change) throws Exception {
    var files = files(DEMO.bytes("/api/package"));
    var text = new String(files.get(file), StandardCharsets.UTF_8);
    assertThat(change.apply(text)).isNotEqualTo(text);
    files.put(file, change.apply(text).getBytes(StandardCharsets.UTF_8));
    return zip(files);
  }

  @Test
  void carriedIntoAnEmptyProgramAndOutAgainItIsTheSameByteByByte() throws Exception {
    var added =
        DEMO.post(
            "/api/places",
            "{\"name\":\"=1+1\",\"kind\":\"SHELF\",\"lampHours\":null,\"means\":null,\"approach\":null}");
    assertThat(added.status()).isEqualTo(201);
    var out = DEMO.bytes("/api/package");
    assertThat(files(out))
        .as(new String(out, 0, Math.min(out.length, 400)))
        .containsKey("place.csv");
    assertThat(new String(files(out).get("place.csv"), StandardCharsets.UTF_8)).contains("'=1+1");
    take(out);
    var again = OTHER.bytes("/api/package");
    assertThat(files(again).keySet()).isEqualTo(files(out).keySet());
    for (var name : files(out).keySet()) {
      assertThat(files(again).get(name)).as(name).isEqualTo(files(out).get(name));
    }
    assertThat(again).isEqualTo(out);
    assertThat(OTHER.get("/api/plants").body()).isEqualTo(DEMO.get("/api/plants").body());
  }

  @Test
  void whatThereWasBeforeCanBeBroughtBack() throws Exception {
    OTHER.post(
        "/api/places",
        "{\"name\":\"Boat shed\",\"kind\":\"SHELF\",\"lampHours\":null,\"means\":null,\"approach\":null}");
    var places = OTHER.get("/api/places").body();
    var before = take(DEMO.bytes("/api/package"));
    assertThat(OTHER.get("/api/places").body()).isNotEqualTo(places);
    assertThat(OTHER.post("/api/backups/%s/restore".formatted(before), "{}").status())
        .isEqualTo(200);
    assertThat(OTHER.get("/api/places").body()).isEqualTo(places);
  }

  private static String refusal(byte[] bytes) throws Exception {
    var before = OTHER.get("/api/plants").body();
    var looked = look(bytes);
    assertThat(looked.status()).isEqualTo(400);
    assertThat(OTHER.get("/api/plants").body()).isEqualTo(before);
    try (var left = Files.list(OTHER.data())) {
      assertThat(left.map(file -> file.getFileName().toString()))
          .noneMatch(
              name -> name.startsWith("almanac-arriving") || name.startsWith("almanac-leaving"));
    }
    return looked.fault("package").orElseThrow();
  }

  private static String secondRow(String table, UnaryOperator<String> change) {
    var rows = table.split("\r\n", -1);
    rows[2] = change.apply(rows[2]);
    return String.join("\r\n", rows);
  }

  @Test
  void whateverIsWrongWithAPackageIsNamedByItsFileAndRow() throws Exception {
    assertThat(refusal("no zip".getBytes(StandardCharsets.UTF_8))).contains("no zip file");
    assertThat(refusal(zip(Map.of("../../etc/passwd", new byte[1]))))
        .contains("“../../etc/passwd”, which does not belong");
    assertThat(refusal(zip(Map.of("place.csv", new byte[1])))).contains("has no datapackage.json");
    assertThat(
            refusal(
                with(
                    "datapackage.json", text -> text.replaceFirst("(\"schema\" : )\\d+", "$1999"))))
        .contains("newer Mellow Almanac");
    assertThat(
            refusal(
                with("plant.csv", text -> secondRow(text, row -> row.replace("24-002", "24-001")))))
        .startsWith("plant.csv, row 3: what must be there once is there twice");
    assertThat(refusal(with("plant.csv", text -> text.replaceFirst("uid", "id"))))
        .isEqualTo("plant.csv has no column “uid”.");
    assertThat(
            refusal(
                with(
                    "moved.csv",
                    text -> secondRow(text, row -> row.replaceAll("[0-9.]+$", "far")))))
        .contains("moved.csv, row 3: position: “far” is not of the type number");
    assertThat(refusal(with("act.csv", text -> secondRow(text, row -> "x" + row))))
        .contains("act.csv, row 3: uid", "not of the type string");
    assertThat(
            refusal(
                with(
                    "happening.csv",
                    text -> secondRow(text, row -> row.replaceAll("[A-Z_]+$", "DREAMT")))))
        .contains("do not make up a collection", "DREAMT");
    assertThat(refusal(with("looked.csv", text -> text.substring(0, text.length() / 2) + "\"")))
        .startsWith("looked.csv, row");
  }

  @Test
  void aTableThatUnpacksToFarTooMuchIsNotUnpacked() throws Exception {
    var files = files(DEMO.bytes("/api/package"));
    files.put("act.csv", new byte[300_000_000]);
    assertThat(refusal(zip(files))).contains("act.csv");
  }

  @Test
  void everyKindOfHappeningAndEveryTableIsCarried() throws Exception {
    var files = files(DEMO.bytes("/api/package"));
    var happenings = new String(files.get("happening.csv"), StandardCharsets.UTF_8);
    var described = new String(files.get("datapackage.json"), StandardCharsets.UTF_8);
    for (var table : DEMO.bean(DSLContext.class).meta().getSchemas("PUBLIC").get(0).getTables()) {
      var name = table.getName();
      if (!Set.of("SPEAKING", "SENT", "flyway_schema_history").contains(name)) {
        assertThat(files).containsKey(name.toLowerCase(Locale.ROOT) + ".csv");
        assertThat(described).contains("\"" + name.toLowerCase(Locale.ROOT) + ".csv\"");
      }
    }
    assertThat(happenings).contains("POTTED", "INSPECTED", "WORKED", "MAPPED", "DIVIDED");
  }
}
