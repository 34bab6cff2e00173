package almanac.core.treatments;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** What a course is against. */
public enum Foe {
  PESTS("pests") {
    @Override
    public Optional<Boolean> clean(Inspection inspection) {
      return inspection
          .look(Item.PESTS)
          .seen()
          .map(seen -> seen.finding().answers().stream().noneMatch(Pests::harmful));
    }

    @Override
    public Inspection nothingFound(LocalDate on) {
      return Inspection.on(on).with(Item.PESTS, Item.PESTS.saw(Pests.NONE));
    }

    @Override
    Optional<Inspection> again(Inspection found, LocalDate on) {
      return found
          .look(Item.PESTS)
          .seen()
          .map(seen -> Inspection.on(on).with(Item.PESTS, seen.finding()));
    }
  },

  ROT("rot") {
    @Override
    public Optional<Boolean> clean(Inspection inspection) {
      return inspection
          .look(Item.ROT)
          .seen()
          .map(seen -> seen.finding().answers().stream().allMatch(rot -> rot == Rot.NONE));
    }

    @Override
    public Inspection nothingFound(LocalDate on) {
      return Inspection.on(on).with(Item.ROT, Item.ROT.saw(Rot.NONE));
    }

    @Override
    Optional<Inspection> again(Inspection found, LocalDate on) {
      return found
          .look(Item.ROT)
          .seen()
          .map(seen -> Inspection.on(on).with(Item.ROT, seen.finding()));
    }
  };

  private final String words;

  Foe(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether nothing of it was found; nothing if nobody looked for it. */
  public abstract Optional<Boolean> clean(Inspection inspection);

  /** A look at which nothing of it was found. */
  public abstract Inspection nothingFound(LocalDate on);

  /** A look at which the same was found as at another, if anybody looked for it then. */
  abstract Optional<Inspection> again(Inspection found, LocalDate on);

  /**
   * A look at which it is still there, as it was found last.
   *
   * @param life inspections, oldest first
   * @return nothing if it was never found
   */
  public Optional<Inspection> stillThere(List<Inspection> life, LocalDate on) {
    return life.stream()
        .filter(inspection -> clean(inspection).filter(clean -> !clean).isPresent())
        .reduce((former, latter) -> latter)
        .flatMap(found -> again(found, on));
  }
}
