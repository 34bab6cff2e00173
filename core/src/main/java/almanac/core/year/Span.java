package almanac.core.year;

import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * From a day to a day.
 *
 * @param until not before the first
 */
public record Span(LocalDate from, LocalDate until) {
  /**
   * From the first look that saw something to the last, as long as none between them saw that it
   * was over.
   *
   * @param life inspections, oldest first
   * @param saw whether an inspection saw it; nothing if it did not look
   * @param apart days between two looks after which the later is of another time
   */
  static List<Span> seen(
      List<Inspection> life, Function<Inspection, Optional<Boolean>> saw, int apart) {
    var spans = new ArrayList<Span>();
    boolean goesOn = false;
    for (var inspection : life) {
      var now = saw.apply(inspection);
      if (now.isEmpty()) {
        continue;
      }
      if (now.get()) {
        int last = spans.size() - 1;
        if (goesOn && ChronoUnit.DAYS.between(spans.get(last).until(), inspection.on()) <= apart) {
          spans.set(last, new Span(spans.get(last).from(), inspection.on()));
        } else {
          spans.add(new Span(inspection.on(), inspection.on()));
        }
      }
      goesOn = now.get();
    }
    return List.copyOf(spans);
  }
}
