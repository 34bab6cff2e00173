package almanac.core.history;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Tag;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Plants that were repotted here on the same day. Their tags lay side by side, and may have been
 * swapped. Rules: Tags.
 *
 * @param on the day
 * @param plants at least two
 */
public record Handled(LocalDate on, List<Plant> plants) {
  /**
   * Those whose tags should be checked against each other, the last day first: of some plant of the
   * day nobody has read the tag since.
   */
  public static List<Handled> together(Collection<Plant> plants, LocalDate today, Figures figures) {
    var since = today.minusDays(figures.count(TagFigures.CHECKED_WITHIN));
    Map<LocalDate, List<Plant>> byDay = new TreeMap<>(Comparator.reverseOrder());
    for (var plant : plants) {
      if (!plant.inWhatItCameIn() && plant.potted().act().on().isAfter(since)) {
        byDay.computeIfAbsent(plant.potted().act().on(), day -> new ArrayList<>()).add(plant);
      }
    }
    return byDay.entrySet().stream()
        .map(day -> new Handled(day.getKey(), List.copyOf(day.getValue())))
        .filter(day -> day.plants().size() > 1)
        .filter(day -> !day.plants().stream().allMatch(day::tagReadSince))
        .toList();
  }

  private boolean tagReadSince(Plant plant) {
    return plant.history().life().stream()
        .filter(inspection -> !inspection.on().isBefore(on))
        .anyMatch(inspection -> inspection.look(Items.TAG).saw(Tag.READABLE));
  }
}
