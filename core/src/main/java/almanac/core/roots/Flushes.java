package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was read off the roots of one lead, flush by flush.
 *
 * @param former those whose roots have gone in, oldest first
 * @param present those growing now; empty if none has a visible tip
 * @param slip the day of the last reading of them that was left out, if one was
 */
record Flushes(
    List<List<RootReading>> former, List<RootReading> present, Optional<LocalDate> slip) {

  /**
   * A look without a visible tip ends a flush, and so does a length that falls by more than the
   * ruler errs. But where the lengths go on as before the fall, either the length before it or the
   * fallen one was a slip of the ruler, and is left out.
   *
   * @param looks at one lead, oldest first
   */
  static Flushes of(List<RootLook> looks, Figures figures) {
    var former = new ArrayList<List<RootReading>>();
    var present = new ArrayList<RootReading>();
    Optional<LocalDate> slip = Optional.empty();
    for (int i = 0; i < looks.size(); i++) {
      var look = looks.get(i);
      if (!look.stage().measurable()) {
        end(present, former);
        slip = Optional.empty();
        continue;
      }
      var reading = RootReading.of(look, figures);
      if (fallen(reading, present, 1, figures)) {
        if (wentBack(looks, i, present, figures)) {
          slip = Optional.of(reading.on());
          continue;
        }
        if (present.size() > 1 && !fallen(reading, present, 2, figures)) {
          slip = Optional.of(present.remove(present.size() - 1).on());
        } else {
          end(present, former);
          slip = Optional.empty();
        }
      }
      present.add(reading);
    }
    return new Flushes(List.copyOf(former), List.copyOf(present), slip);
  }

  private static void end(List<RootReading> present, List<List<RootReading>> former) {
    if (!present.isEmpty()) {
      former.add(List.copyOf(present));
      present.clear();
    }
  }

  /** Whether a reading lies below the last, or the one so many before. */
  private static boolean fallen(
      RootReading reading, List<RootReading> present, int before, Figures figures) {
    if (present.size() < before) {
      return false;
    }
    var last = present.get(present.size() - before);
    double error = Math.max(reading.error(), last.error());
    return reading.mm() < last.mm() - figures.of(RootFigures.FALL) * error;
  }

  /** Whether the next look shows the roots as long again as before the fall. */
  private static boolean wentBack(
      List<RootLook> looks, int fall, List<RootReading> present, Figures figures) {
    if (fall + 1 >= looks.size() || !looks.get(fall + 1).stage().measurable()) {
      return false;
    }
    var next = RootReading.of(looks.get(fall + 1), figures);
    return next.measured() && !fallen(next, present, 1, figures);
  }
}
