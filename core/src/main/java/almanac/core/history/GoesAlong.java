package almanac.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;

/** What of a plant's history goes along when it goes to another collection. */
public final class GoesAlong {
  private GoesAlong() {}

  /**
   * What was done at once.
   *
   * @param act its name in the collection that it comes from
   * @param note in its collector's words
   */
  public record Deed(UUID act, LocalDate on, String note, List<Happening> happenings) {
    public Deed {
      happenings = List.copyOf(happenings);
    }

    /** Whether it tells of a potting. */
    public boolean potted() {
      return happenings.stream().anyMatch(Happening.Potted.class::isInstance);
    }
  }

  /** What goes along, in the order of a plant's journal; nothing that was taken back. */
  public static List<Deed> of(Plant plant) {
    var byAct = new LinkedHashMap<Act, List<Happening>>();
    for (var line : plant.journal().holding()) {
      if (line.happening() instanceof Happening.OfPlant) {
        byAct.computeIfAbsent(line.act(), act -> new ArrayList<>()).add(line.happening());
      }
    }
    return byAct.entrySet().stream()
        .map(
            each ->
                new Deed(
                    each.getKey().uid(), each.getKey().on(), each.getKey().note(), each.getValue()))
        .toList();
  }
}
