package almanac.app.record.entries;

import almanac.app.ground.refusals.BadEntry;
import almanac.core.checks.Window;
import java.time.LocalDate;

/** The days in which something is worth doing, as they are typed. */
public final class WindowEntry {
  private WindowEntry() {}

  /**
   * @param path to the entry with these days
   * @throws BadEntry if they are not in order
   */
  public static Window window(String path, LocalDate early, LocalDate best, LocalDate late) {
    if (best.isBefore(early) || late.isBefore(best)) {
      throw new BadEntry(path + ".best", "The best day lies between the first and the last.");
    }
    return new Window(early, best, late);
  }
}
