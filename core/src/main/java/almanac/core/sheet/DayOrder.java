package almanac.core.sheet;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * In which order the days of a sheet are written.
 *
 * @param dayFirstOnly how many can only be meant with the day first
 * @param monthFirstOnly how many can only be meant with the month first
 * @param either how many make two different days
 * @param example one of these, as it was written
 */
public record DayOrder(
    int dayFirstOnly, int monthFirstOnly, int either, Optional<Example> example) {

  /**
   * A day that can be meant in two ways.
   *
   * @param written as it stands in the sheet
   * @param dayFirst as {@code 2024-04-03}
   * @param monthFirst likewise
   */
  public record Example(String written, String dayFirst, String monthFirst) {}

  static DayOrder of(Cells cells, LocalDate today) {
    int day = 0;
    int month = 0;
    int either = 0;
    Example example = null;
    for (var written : written(cells).toList()) {
      var read = WrittenDay.read(written, today);
      if (read.oneOrder()) {
        day += read.dayFirst().isPresent() ? 1 : 0;
        month += read.monthFirst().isPresent() ? 1 : 0;
      } else if (read.ambiguous()) {
        either++;
        if (example == null) {
          example =
              new Example(
                  written,
                  read.dayFirst().orElseThrow().text(),
                  read.monthFirst().orElseThrow().text());
        }
      }
    }
    return new DayOrder(day, month, either, Optional.ofNullable(example));
  }

  private static Stream<String> written(Cells cells) {
    return Stream.of(Meaning.POTTED_ON, Meaning.ARRIVED_ON)
        .flatMap(meaning -> cells.columns(meaning).stream())
        .flatMap(column -> cells.rows().stream().map(row -> cells.text(row, column)))
        .filter(text -> !text.isEmpty());
  }

  /** Whether the order has to be asked for: some can be meant in two ways. */
  public boolean asked() {
    return either > 0;
  }

  /** Whether the others leave no doubt in which order they were written. */
  public boolean proven() {
    return (dayFirstOnly > 0) != (monthFirstOnly > 0);
  }
}
