package almanac.app.journal;

import almanac.core.Refused;
import almanac.core.history.Potting;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The pottings of one plant lie one after the other. */
final class Pottings {
  private Pottings() {}

  /**
   * @param wrong the line that the potting takes the place of; null for a new one
   * @throws Refused naming {@code on}, if it lies before the potting before it, or a corrected one
   *     after the next
   */
  static void refuseOutOfOrder(PlantRecord plant, @Nullable JournalEntry wrong, Potting potting) {
    if (!(potting.pottedOn() instanceof PottedOn.Between day)) {
      return;
    }
    var others =
        plant.inForce().stream()
            .filter(line -> line.content() instanceof JournalEntry.Potted)
            .filter(line -> wrong == null || line.id() != wrong.id())
            .toList();
    for (var other : others) {
      if (!(pottedOn(other) instanceof PottedOn.Between known)) {
        continue;
      }
      boolean earlier = wrong == null || before(plant.inForce(), other, wrong);
      if (earlier && day.latest().isBefore(known.earliest())) {
        throw new Refused("on", "This lies before its potting of %s.".formatted(known.text()));
      }
      if (!earlier && day.earliest().isAfter(known.latest())) {
        throw new Refused("on", "This lies after its next potting of %s.".formatted(known.text()));
      }
    }
  }

  private static PottedOn pottedOn(JournalEntry line) {
    return ((JournalEntry.Potted) line.content()).potting().pottedOn();
  }

  private static boolean before(List<JournalEntry> lines, JournalEntry one, JournalEntry other) {
    LocalDate of = one.order();
    return of.equals(other.order())
        ? lines.indexOf(one) < lines.indexOf(other)
        : of.isBefore(other.order());
  }
}
