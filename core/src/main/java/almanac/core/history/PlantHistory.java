package almanac.core.history;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Look;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What has happened to one plant, oldest first; on the same day, in the order in which it was
 * written down.
 */
public final class PlantHistory {
  private final Potting potting;
  private final List<Inspection> all;
  private final List<Inspection> inThisPot;

  private PlantHistory(Potting potting, List<Inspection> all, List<Inspection> inThisPot) {
    this.potting = potting;
    this.all = all;
    this.inThisPot = inThisPot;
  }

  /**
   * @param events in the order in which they were written down, with at least one potting
   * @throws IllegalArgumentException if the plant was never potted
   */
  public static PlantHistory of(List<Event> events) {
    var ordered = new ArrayList<>(events);
    ordered.sort(Comparator.comparing(Event::on));
    Potting potting = null;
    var all = new ArrayList<Inspection>();
    var looks = new ArrayList<Inspection>();
    for (var event : ordered) {
      if (event instanceof Event.Potted potted) {
        potting = potted.potting();
        looks.clear();
      } else if (event instanceof Event.Inspected inspected) {
        all.add(inspected.inspection());
        looks.add(inspected.inspection());
      }
    }
    if (potting == null) {
      throw new IllegalArgumentException("A plant's history needs a potting");
    }
    return new PlantHistory(potting, List.copyOf(all), List.copyOf(looks));
  }

  /** What the plant stands in now. */
  public Potting potting() {
    return potting;
  }

  /** The inspections since it was last potted, oldest first. */
  public List<Inspection> inspections() {
    return inThisPot;
  }

  /**
   * This history with one inspection more, made last; for asking what would follow from it.
   *
   * @param inspection not older than the latest
   */
  public PlantHistory and(Inspection inspection) {
    return new PlantHistory(potting, with(all, inspection), with(inThisPot, inspection));
  }

  /**
   * The latest look at an item, not later than the day. What was seen in the pot before the last
   * move says nothing any more; what was seen of the plant above it does.
   */
  public <A extends Enum<A> & Answer> Look<A> latest(Item<A> item, LocalDate day) {
    var inspections = item.ofThisPot() ? inThisPot : all;
    for (int i = inspections.size() - 1; i >= 0; i--) {
      var look = inspections.get(i).look(item);
      if (look instanceof Look.Seen<A> seen && !seen.on().isAfter(day)) {
        return seen;
      }
    }
    return new Look.NotLookedAt<>();
  }

  private static List<Inspection> with(List<Inspection> inspections, Inspection one) {
    var more = new ArrayList<>(inspections);
    more.add(one);
    return List.copyOf(more);
  }
}
