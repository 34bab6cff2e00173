package almanac.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** What of a plant's history goes along when it goes to another collection. */
public final class GoesAlong {
  /** What is of the plant itself, wherever it stands. */
  static final Set<Class<? extends Happening>> GOES =
      Set.of(
          Happening.Potted.class,
          Happening.Inspected.class,
          Happening.Worked.class,
          Happening.Mapped.class,
          Happening.Checked.class,
          Happening.Fixed.class,
          Happening.CourseBegun.class,
          Happening.Treated.class,
          Happening.CourseEnded.class,
          Happening.Named.class,
          Happening.OfKind.class,
          Happening.Noted.class,
          Happening.Recounted.class);

  /** What is of the collection that it leaves: its numbers, places, stock, kin and wishes. */
  static final Set<Class<? extends Happening>> STAYS =
      Set.of(
          Happening.Numbered.class,
          Happening.Moved.class,
          Happening.Came.class,
          Happening.Wanted.class,
          Happening.Became.class,
          Happening.Held.class,
          Happening.Freed.class,
          Happening.Asked.class,
          Happening.PutOff.class,
          Happening.Beside.class,
          Happening.Done.class,
          Happening.SetAside.class,
          Happening.TakenBack.class,
          Happening.KeptApart.class,
          Happening.LetIn.class,
          Happening.PartedFrom.class,
          Happening.Divided.class,
          Happening.Drew.class,
          Happening.Withdrawn.class,
          Happening.TakenOver.class);

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
      if (GOES.contains(line.happening().getClass())) {
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
