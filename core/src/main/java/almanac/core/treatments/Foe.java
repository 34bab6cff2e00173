package almanac.core.treatments;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** What a course is against. */
public enum Foe {
  PESTS("pests", new Sought<>(Items.PESTS, Pests.NONE, Pests::harmful)),
  ROT("rot", new Sought<>(Items.ROT, Rot.NONE, rot -> rot != Rot.NONE));

  private final String words;
  private final Sought<?> sought;

  Foe(String words, Sought<?> sought) {
    this.words = words;
    this.sought = sought;
  }

  public String words() {
    return words;
  }

  /** Whether nothing of it was found; nothing if nobody looked for it. */
  public Optional<Boolean> clean(Inspection inspection) {
    return sought.clean(inspection);
  }

  /** A look at which nothing of it was found. */
  public Inspection nothingFound(LocalDate on) {
    return sought.nothingFound(on);
  }

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
        .flatMap(found -> sought.again(found, on));
  }

  /** By what look it is found. */
  private record Sought<A extends Enum<A> & Answer>(Item<A> item, A none, Predicate<A> harmful) {
    Optional<Boolean> clean(Inspection inspection) {
      return inspection
          .look(item)
          .seen()
          .map(seen -> seen.finding().answers().stream().noneMatch(harmful));
    }

    Inspection nothingFound(LocalDate on) {
      return Inspection.on(on).with(item, item.saw(none));
    }

    Optional<Inspection> again(Inspection found, LocalDate on) {
      return found.look(item).seen().map(seen -> Inspection.on(on).with(item, seen.finding()));
    }
  }
}
