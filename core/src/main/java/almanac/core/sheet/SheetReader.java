package almanac.core.sheet;

import almanac.core.sheet.RowReader.Outcome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Understands a sheet. */
public final class SheetReader {
  private SheetReader() {}

  /**
   * Reads all rows that are not left out.
   *
   * @param known what the collection has already
   */
  public static SheetReading read(Sheet sheet, Decisions decisions, Known known, LocalDate today) {
    var cells = new Cells(sheet, decisions);
    var kinds = new KindMatch(cells, known);
    var places = new PlaceMatch(cells, known);
    var days = DayOrder.of(cells, today);
    var plants = new ArrayList<RowTold>();
    var faults = new ArrayList<Remark>();
    var doubts = new ArrayList<Remark>();
    var once = new Once(known);
    int bareSizes = 0;
    for (var row : cells.rows()) {
      var outcome = new RowReader(cells, row, kinds, places, today).read();
      bareSizes += outcome.bareSize() ? 1 : 0;
      once.look(outcome, cells);
      faults.addAll(outcome.faults());
      doubts.addAll(outcome.doubts());
      if (outcome.faults().isEmpty()) {
        plants.add(outcome.told());
      }
    }
    return new SheetReading(
        List.copyOf(plants),
        List.copyOf(faults),
        List.copyOf(doubts),
        kinds.all(),
        places.all(),
        days,
        bareSizes);
  }

  /** What there may be once only. */
  private static final class Once {
    private final Set<String> taken;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final Map<String, Integer> plants = new HashMap<>();
    private final List<String> here;

    Once(Known known) {
      taken = known.numbers();
      here = known.names().stream().map(Plain::words).toList();
    }

    void look(Outcome outcome, Cells cells) {
      var told = outcome.told();
      number(outcome, told, cells);
      if (told.label().isEmpty()) {
        return;
      }
      int column = cells.column(Meaning.LABEL).orElse(0);
      var same =
          plants.putIfAbsent(
              Plain.words(told.label())
                  + "|"
                  + told.place()
                  + "|"
                  + told.potted().pottedOn().text(),
              told.row());
      if (same != null) {
        outcome.doubt(column, told.label(), "stands in row %d in the same words".formatted(same));
      } else if (here.contains(Plain.words(told.label()))) {
        outcome.doubt(column, told.label(), "a plant of this name is here already");
      }
    }

    private void number(Outcome outcome, RowTold told, Cells cells) {
      if (told.number().isEmpty()) {
        return;
      }
      int column = cells.column(Meaning.NUMBER).orElseThrow();
      var same = numbers.putIfAbsent(told.number(), told.row());
      if (same != null) {
        outcome.fault(column, told.number(), "row %d has this number too".formatted(same));
      } else if (taken.contains(told.number())) {
        outcome.fault(column, told.number(), "a plant of the collection has this number");
      }
    }
  }
}
