package almanac.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

    /** The same with what was counted on the mother, unless its own was. */
    Deed with(List<Happening> counted) {
      boolean own = happenings.stream().anyMatch(Happening.Worked.class::isInstance);
      return own
          ? this
          : new Deed(act, on, note, Stream.concat(happenings.stream(), counted.stream()).toList());
    }

    /** Whether it tells of a potting. */
    public boolean potted() {
      return happenings.stream().anyMatch(Happening.Potted.class::isInstance);
    }
  }

  /** What goes along, in the order of a plant's journal; nothing that was taken back. */
  public static List<Deed> of(Plant plant) {
    return deeds(plant, act -> true);
  }

  /**
   * The same with the history that it shares with its mother: what was done to her until they were
   * parted, and what her tally said on that day where nobody counted its own roots.
   *
   * @param whole a plant with all of its journal, by its number in the store
   */
  public static List<Deed> withItsMothers(Plant plant, Function<Long, Optional<Plant>> whole) {
    var mother = Optional.ofNullable(plant.card().mother()).flatMap(whole);
    var parted = parting(plant);
    if (mother.isEmpty() || parted.isEmpty()) {
      return of(plant);
    }
    var before = withItsMothers(mother.get(), whole);
    var later =
        deeds(mother.get(), act -> act.id() >= parted.get().id()).stream()
            .map(Deed::act)
            .collect(Collectors.toSet());
    var tally =
        deeds(mother.get(), act -> act.id() == parted.get().id()).stream()
            .flatMap(deed -> deed.happenings().stream())
            .filter(Happening.Worked.class::isInstance)
            .toList();
    return Stream.concat(
            before.stream().filter(deed -> !later.contains(deed.act())),
            of(plant).stream()
                .map(deed -> deed.act().equals(parted.get().uid()) ? deed.with(tally) : deed))
        .toList();
  }

  private static Optional<Act> parting(Plant plant) {
    return plant.journal().holding().stream()
        .filter(line -> line.happening() instanceof Happening.PartedFrom)
        .map(Line::act)
        .reduce((former, latter) -> latter);
  }

  private static List<Deed> deeds(Plant plant, Predicate<Act> which) {
    var byAct = new LinkedHashMap<Act, List<Happening>>();
    for (var line : plant.journal().holding()) {
      if (line.happening() instanceof Happening.OfPlant && which.test(line.act())) {
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
