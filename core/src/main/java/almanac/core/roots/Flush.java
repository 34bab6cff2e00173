package almanac.core.roots;

import almanac.core.figures.Figures;
import java.util.ArrayList;
import java.util.List;

/** The measurements that belong to the roots growing now. */
final class Flush {
  private Flush() {}

  /**
   * The measured looks since the present roots came: a length that falls by more than the ruler's
   * error, or a look without a visible tip, is the end of the former ones.
   *
   * @param looks at one lead, oldest first
   */
  static List<RootLook> of(List<RootLook> looks, Figures figures) {
    var flush = new ArrayList<RootLook>();
    double error = figures.of(RootFigures.RULER_ERROR);
    for (var look : looks) {
      if (!look.stage().measurable()) {
        flush.clear();
      }
      if (look.longestMm().isEmpty()) {
        continue;
      }
      boolean shorter =
          !flush.isEmpty()
              && look.longestMm().getAsDouble()
                  < flush.get(flush.size() - 1).longestMm().orElseThrow() - error;
      if (shorter) {
        flush.clear();
      }
      flush.add(look);
    }
    return List.copyOf(flush);
  }
}
