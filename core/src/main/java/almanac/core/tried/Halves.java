package almanac.core.tried;

import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.trials.Against;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Plants that were moved together, in two halves that differ in one thing: the fewer are tried and
 * held against the rest. Rules: Trials.
 *
 * @param name what the tried ones stand in, as one says it
 * @param others in the order of those tried where each has its other half among them
 * @param since the day of the move, where all were moved on the same
 */
public record Halves(
    Tried tried,
    String name,
    Against against,
    List<Plant> plants,
    List<Plant> others,
    Optional<LocalDate> since) {

  /** The halves that their media make, or else their pots; nothing where neither makes two. */
  public static Optional<Halves> of(List<Plant> plants) {
    return Stream.of(
            by(Tried.MEDIUM, plants, plant -> plant.history().potting().mix().words()),
            by(Tried.POT, plants, Halves::pot))
        .flatMap(Optional::stream)
        .findFirst();
  }

  private static String pot(Plant plant) {
    return plant.potted().happening() instanceof Happening.Potted potted
        ? potted.pot().type().words()
        : "";
  }

  private static Optional<Halves> by(
      Tried tried, List<Plant> plants, Function<Plant, String> name) {
    var groups = new LinkedHashMap<String, List<Plant>>();
    plants.forEach(
        plant -> groups.computeIfAbsent(name.apply(plant), its -> new ArrayList<>()).add(plant));
    if (groups.size() != 2) {
      return Optional.empty();
    }
    var names = List.copyOf(groups.keySet());
    int fewer = groups.get(names.get(0)).size() < groups.get(names.get(1)).size() ? 0 : 1;
    var these = groups.get(names.get(fewer));
    var rest = groups.get(names.get(1 - fewer));
    var paired = paired(these, rest);
    return Optional.of(
        new Halves(
            tried,
            names.get(fewer),
            paired.isPresent() ? Against.OTHER_HALF : Against.OTHERS,
            List.copyOf(these),
            paired.orElse(rest),
            day(plants)));
  }

  /** The other half of each, if everybody has one. */
  private static Optional<List<Plant>> paired(List<Plant> these, List<Plant> rest) {
    if (these.size() != rest.size()) {
      return Optional.empty();
    }
    var left = new ArrayList<>(rest);
    var found = new ArrayList<Plant>();
    for (var plant : these) {
      var half = left.stream().filter(other -> ofOnePlant(plant, other)).findFirst();
      if (half.isEmpty()) {
        return Optional.empty();
      }
      left.remove(half.get());
      found.add(half.get());
    }
    return Optional.of(List.copyOf(found));
  }

  private static boolean ofOnePlant(Plant one, Plant other) {
    return root(one) == root(other);
  }

  private static long root(Plant plant) {
    return Objects.requireNonNullElse(plant.card().mother(), plant.id());
  }

  private static Optional<LocalDate> day(List<Plant> plants) {
    var days = plants.stream().map(each -> each.history().potting().since()).distinct().toList();
    return days.size() == 1 ? Optional.of(days.get(0)) : Optional.empty();
  }
}
