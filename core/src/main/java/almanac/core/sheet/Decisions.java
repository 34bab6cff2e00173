package almanac.core.sheet;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a sheet is to be understood, as guessed at first and then as its owner says.
 *
 * @param columns what each is about
 * @param dayFirst whether 3/4/2024 is the third of April
 * @param potUnit in what pots are measured where nothing is written with the number
 * @param kinds what is meant, by the words of a cell; where nothing is said, what was proposed
 * @param places likewise
 * @param corrected what is to stand in a cell instead
 * @param leftOut rows that are not brought in
 */
public record Decisions(
    List<Meaning> columns,
    boolean dayFirst,
    PotUnit potUnit,
    Map<String, KindChoice> kinds,
    Map<String, PlaceChoice> places,
    Map<Cell, String> corrected,
    Set<Integer> leftOut) {
  /** Few pots are wider, and none that are written in inches. */
  private static final double WIDEST_CM = 45;

  public Decisions {
    columns = List.copyOf(columns);
    kinds = plainly(kinds);
    places = plainly(places);
    corrected = Map.copyOf(corrected);
    leftOut = Set.copyOf(leftOut);
  }

  /** However the words were written. */
  private static <T> Map<String, T> plainly(Map<String, T> byWords) {
    var plain = new HashMap<String, T>();
    byWords.forEach((words, said) -> plain.put(Plain.words(words), said));
    return Map.copyOf(plain);
  }

  /** What a sheet seems to say, before anybody was asked. */
  public static Decisions guess(Sheet sheet, PotUnit usual, LocalDate today) {
    var columns = ColumnContents.guess(sheet, Meaning.guess(sheet.columns()), today);
    var guess = new Decisions(columns, true, usual, Map.of(), Map.of(), Map.of(), Set.of());
    var days = DayOrder.of(new Cells(sheet, guess), today);
    return new Decisions(
        columns,
        days.monthFirstOnly() <= days.dayFirstOnly(),
        unit(sheet, columns, usual),
        Map.of(),
        Map.of(),
        Map.of(),
        Set.of());
  }

  private static Decisions nothingSaid(List<Meaning> columns, boolean dayFirst, PotUnit potUnit) {
    return new Decisions(columns, dayFirst, potUnit, Map.of(), Map.of(), Map.of(), Set.of());
  }

  /** What the heading says, else millimetres where no pot could be as small in another unit. */
  private static PotUnit unit(Sheet sheet, List<Meaning> columns, PotUnit usual) {
    int column = columns.indexOf(Meaning.POT_SIZE);
    if (column < 0) {
      return usual;
    }
    return PotUnit.named(sheet.columns().get(column))
        .orElseGet(
            () ->
                sheet.rows().stream()
                        .flatMap(row -> PotSize.read(row.cell(column)).stream())
                        .filter(size -> size.unit().isEmpty())
                        .anyMatch(size -> size.value() > WIDEST_CM)
                    ? PotUnit.MM
                    : usual);
  }
}
