package almanac.app.errands.sheet;

import almanac.core.sheet.Decisions;
import almanac.core.sheet.Meaning;
import almanac.core.sheet.Sheet;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;

/** A sheet as it was read, with a guess at what it means. */
record SheetView(
    UUID uid,
    String name,
    @Schema(description = "How many rows are below the headings") int rows,
    List<ColumnView> columns,
    @Schema(description = "What a column can be about") List<MeaningChoice> meanings,
    GuessView guess) {
  /** So many cells show what a column holds. */
  private static final int EXAMPLES = 3;

  /** A column, with some of what stands in it. */
  record ColumnView(String head, List<String> examples) {}

  /** Something that a column can be about. */
  record MeaningChoice(
      Meaning meaning,
      String words,
      @Schema(description = "Whether several columns can be about it") boolean often) {}

  /** What the sheet seems to say before anybody was asked. */
  record GuessView(List<Meaning> columns, boolean dayFirst, almanac.core.sheet.PotUnit potUnit) {}

  static SheetView of(Sheets.Waiting waiting, Decisions guess) {
    var sheet = waiting.sheet();
    return new SheetView(
        waiting.uid(),
        waiting.name(),
        sheet.rows().size(),
        IntStream.range(0, sheet.columns().size())
            .mapToObj(
                column -> new ColumnView(sheet.columns().get(column), examples(sheet, column)))
            .toList(),
        Arrays.stream(Meaning.values())
            .map(each -> new MeaningChoice(each, each.words(), each.often()))
            .toList(),
        new GuessView(guess.columns(), guess.dayFirst(), guess.potUnit()));
  }

  private static List<String> examples(Sheet sheet, int column) {
    return sheet.rows().stream()
        .map(row -> row.cell(column))
        .filter(text -> !text.isEmpty())
        .distinct()
        .limit(EXAMPLES)
        .toList();
  }
}
