package almanac.app.start.demo;

import almanac.app.start.demo.DemoPast.Came;
import almanac.core.history.Fate;
import almanac.core.history.PlantStatus;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;

/** Plants that were here for some years and are gone, with the moves of their lives. */
final class DemoGone {
  private DemoGone() {}

  /** One of them. */
  record Row(
      String label,
      String kind,
      String place,
      Mix mix,
      LocalDate came,
      List<DemoPast> moves,
      LocalDate went,
      Fate fate) {}

  /** All of them, told back from the last spring. */
  static List<Row> rows(LocalDate spring) {
    return DemoShelf.lines("demo/gone.csv").stream().map(line -> row(line, spring)).toList();
  }

  private static Row row(String line, LocalDate spring) {
    var cells = line.split(";");
    var moves =
        Arrays.stream(cells[5].split(", ")).map(move -> move(move.split(" "), spring)).toList();
    return new Row(
        cells[0],
        cells[1],
        cells[2],
        DemoShelf.mix(cells[3]),
        ago(cells[4], spring),
        moves,
        ago(cells[6], spring),
        new Fate(PlantStatus.valueOf(cells[7]), cells[8]));
  }

  private static DemoPast move(String[] told, LocalDate spring) {
    return new DemoPast(ago(told[0], spring), RootStage.valueOf(told[1]), Came.valueOf(told[2]));
  }

  private static LocalDate ago(String months, LocalDate spring) {
    return spring.minusMonths(Long.parseLong(months));
  }
}
