package almanac.core.sheet;

import almanac.core.kinds.Genera;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** What columns are about by what stands in them, where the headings do not tell. */
final class ColumnContents {
  /** Of the cells in which something stands. */
  private static final double MOST = 0.6;

  private ColumnContents() {}

  static List<Meaning> guess(Sheet sheet, List<Meaning> byHeads, LocalDate today) {
    var guessed = new ArrayList<>(byHeads);
    find(sheet, guessed, Meaning.LABEL, text -> Genera.of(text).isPresent());
    find(
        sheet,
        guessed,
        Meaning.POTTED_ON,
        text -> !text.isEmpty() && WrittenDay.read(text, today).readable());
    return List.copyOf(guessed);
  }

  private static void find(
      Sheet sheet, List<Meaning> guessed, Meaning meaning, Predicate<String> fits) {
    if (guessed.contains(meaning)) {
      return;
    }
    IntStream.range(0, guessed.size())
        .filter(column -> guessed.get(column) == Meaning.NOTES && mostly(sheet, column, fits))
        .findFirst()
        .ifPresent(column -> guessed.set(column, meaning));
  }

  private static boolean mostly(Sheet sheet, int column, Predicate<String> fits) {
    var filled =
        sheet.rows().stream().map(row -> row.cell(column)).filter(text -> !text.isEmpty()).toList();
    return !filled.isEmpty() && filled.stream().filter(fits).count() >= MOST * filled.size();
  }
}
