package almanac.app.errands.benchdays;

import almanac.app.ground.refusals.BadEntry;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The bench days that somebody named, each once. */
final class NamedDays {
  private final Set<LocalDate> named = new HashSet<>();

  /**
   * @throws BadEntry if a day is named twice
   */
  NamedDays(List<LocalDate> days) {
    for (int i = 0; i < days.size(); i++) {
      if (!named.add(days.get(i))) {
        throw new BadEntry("days[%d].on".formatted(i), "This day is named twice.");
      }
    }
  }

  /**
   * @param field that says the day
   * @throws BadEntry if it is none of them
   */
  void refuseOther(LocalDate day, String field) {
    if (!named.contains(day)) {
      throw new BadEntry(field, "%s is no bench day.".formatted(day));
    }
  }
}
