package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import almanac.app.start.RunningApplication.Answer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Spreadsheets that were made to do harm are refused in a sentence, and the program stays well. */
class HostileSheetsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static final String TYPES =
      "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
          + "<Default Extension=\"xml\" ContentType=\"application/xml\"/>"
          + "<Override PartName=\"/xl/workbook.xml\" ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/>"
          + "</Types>";
  private static final String RELATIONS =
      "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
          + "<Relationship Id=\"r1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/%s\" Target=\"%s\"/>"
          + "</Relationships>";
  private static final String BOOK =
      "<workbook xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\">"
          + "<sheets><sheet name=\"Plants\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>";
  private static final String HEAD =
      "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>"
          + "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>Name</t></is></c></row>"
          + "<row r=\"2\"><c r=\"A2\" t=\"inlineStr\"><is><t>Miltonia Towrope</t></is></c></row>";
  private static final String FOOT = "</sheetData></worksheet>";

  /** Something that is written again and again. */
  private record Again(String what, int times) {
    void into(OutputStream out) throws IOException {
      var many = what.repeat(1000).getBytes(StandardCharsets.UTF_8);
      for (int i = 0; i < times / 1000; i++) {
        out.write(many);
      }
    }
  }

  private static byte[] workbook(String before, Again again, String after) throws IOException {
    var parts = new LinkedHashMap<String, String>();
    parts.put("[Content_Types].xml", TYPES);
    parts.put("_rels/.rels", RELATIONS.formatted("officeDocument", "xl/workbook.xml"));
    parts.put("xl/workbook.xml", BOOK);
    parts.put(
        "xl/_rels/workbook.xml.rels", RELATIONS.formatted("worksheet", "worksheets/sheet1.xml"));
    return zip(parts, "xl/worksheets/sheet1.xml", HEAD + before, again, after + FOOT);
  }

  private static byte[] zip(
      Map<String, String> parts, String last, String before, Again again, String after)
      throws IOException {
    var bytes = new ByteArrayOutputStream();
    try (var zip = new ZipOutputStream(bytes)) {
      for (var part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
      }
      zip.putNextEntry(new ZipEntry(last));
      zip.write(before.getBytes(StandardCharsets.UTF_8));
      again.into(zip);
      zip.write(after.getBytes(StandardCharsets.UTF_8));
    }
    return bytes.toByteArray();
  }

  private static final Again NOTHING = new Again("", 0);

  static Stream<Arguments> traps() throws IOException {
    return Stream.of(
        Arguments.of(
            "a row of millions of empty cells",
            workbook("<row r=\"3\">", new Again("<c/>", 20_000_000), "</row>"),
            "Row 3 has more than 100 columns"),
        Arguments.of(
            "millions of empty rows",
            workbook("", new Again("<row/>", 10_000_000), ""),
            "at most 10000 rows"),
        Arguments.of(
            "a cell far to the right",
            workbook("<row r=\"3\"><c r=\"ZZZ3\"><v>1</v></c></row>", NOTHING, ""),
            "Row 3 has more than 100 columns"),
        Arguments.of(
            "a cell farther to the right than there can be",
            workbook("<row r=\"3\"><c r=\"ZZZZZZZ3\"><v>1</v></c></row>", NOTHING, ""),
            "no XLSX workbook"),
        Arguments.of(
            "a row far down",
            workbook("<row r=\"9999999\"><c r=\"A9999999\"><v>1</v></c></row>", NOTHING, ""),
            "at most 10000 rows"),
        Arguments.of(
            "a row farther down than can be counted",
            workbook("<row r=\"99999999999\"/>", NOTHING, ""),
            "no XLSX workbook"),
        Arguments.of(
            "a text without end",
            workbook(
                "<row r=\"3\"><c r=\"A3\" t=\"inlineStr\"><is><t>",
                new Again("bark ", 10_000_000),
                "</t></is></c></row>"),
            "unpacks to far more"),
        Arguments.of(
            "a name without end",
            workbook("<row r=\"3\" s=\"", new Again("bark ", 10_000_000), "\"/>"),
            "unpacks to far more"),
        Arguments.of(
            "far more than can be unpacked",
            workbook("", new Again("<x></x>", 20_000_000), ""),
            "unpacks to far more"),
        Arguments.of(
            "texts that nobody refers to",
            zip(
                Map.of("[Content_Types].xml", TYPES),
                "xl/sharedStrings.xml",
                "<sst>",
                new Again("<si><t>x</t></si>", 3_000_000),
                "</sst>"),
            "unpacks to far more"),
        Arguments.of(
            "a list of ten million cells",
            ("Name\n" + ",".repeat(9_900_000)).getBytes(StandardCharsets.UTF_8),
            "far more cells"),
        Arguments.of(
            "a part with no end", workbook("<row r=\"3\"><c>", NOTHING, ""), "no XLSX workbook"));
  }

  private static Answer look(byte[] bytes) throws Exception {
    return APP.send(
        APP.request("/api/sheets?name=plants.xlsx")
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
            .build());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("traps")
  void isRefusedInASentence(String what, byte[] trap, String sentence) throws Exception {
    var looked = look(trap);
    assertThat(looked.status()).as("%s: %s", what, looked.body()).isEqualTo(400);
    assertThat(looked.fault("file"))
        .as("%s", looked.body())
        .hasValueSatisfying(said -> assertThat(said).contains(sentence));
  }

  @Test
  void aPlainOneIsRead() throws Exception {
    var looked = look(workbook("<row r=\"3\"><c r=\"B3\"><v>1</v></c></row>", NOTHING, ""));
    assertThat(looked.status()).as("%s", looked.body()).isEqualTo(201);
    assertThat(looked.body().path("rows").asInt()).isEqualTo(2);
  }
}
