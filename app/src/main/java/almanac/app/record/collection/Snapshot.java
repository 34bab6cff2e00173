package almanac.app.record.collection;

import almanac.app.record.places.Place;
import almanac.core.history.Plant;
import almanac.core.kinds.Kind;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All plants at one moment.
 *
 * @param told every plant that was ever written down, by id
 * @param places every place there ever was, by id
 * @param kinds by key
 * @param byId as told, each with its kind and its place
 * @param byNumber those whose coming was not taken back, in the order of their numbers
 */
record Snapshot(
    Map<Long, Plant> told,
    Map<Long, Place> places,
    Map<String, Kind> kinds,
    Map<Long, PlantInPlace> byId,
    List<PlantInPlace> byNumber) {
  private static final Comparator<PlantInPlace> BY_NUMBER =
      Comparator.comparing(plant -> plant.card().who().number());

  /**
   * @param before the moment before; whoever stands as then is taken over from it
   */
  static Snapshot of(
      Map<Long, Plant> told,
      Map<Long, Place> places,
      Map<String, Kind> kinds,
      @Nullable Snapshot before) {
    boolean sameHouse = before != null && before.places == places && before.kinds == kinds;
    var byId = new HashMap<Long, PlantInPlace>();
    for (var plant : told.values()) {
      var was = sameHouse ? before.byId.get(plant.id()) : null;
      byId.put(
          plant.id(), was != null && was.plant() == plant ? was : inPlace(plant, places, kinds));
    }
    var bearers = bearers(byId.values());
    byId.replaceAll(
        (id, each) ->
            each.namesake(bearers.getOrDefault(each.name(), 0L) > (each.plant().here() ? 1 : 0)));
    // What is in order already is sorted in no time.
    var ids = new LinkedHashSet<Long>();
    if (before != null) {
      before.byNumber.forEach(each -> ids.add(each.id()));
    }
    ids.addAll(byId.keySet());
    var byNumber =
        ids.stream()
            .map(byId::get)
            .filter(each -> each.plant().journal().begun())
            .sorted(BY_NUMBER)
            .toList();
    return new Snapshot(told, places, kinds, byId, byNumber);
  }

  /** How many of those that are here bear each name. */
  private static Map<String, Long> bearers(Collection<PlantInPlace> all) {
    return all.stream()
        .filter(each -> each.plant().here())
        .collect(Collectors.groupingBy(PlantInPlace::name, Collectors.counting()));
  }

  /** A plant with its kind and its place. */
  static PlantInPlace inPlace(Plant plant, Map<Long, Place> places, Map<String, Kind> kinds) {
    var card = plant.card();
    return new PlantInPlace(
        plant,
        known(kinds.get(card.who().kind()), plant, "of a kind", card.who().kind()),
        known(places.get(card.stand().place()), plant, "in a place", card.stand().place()),
        false);
  }

  private static <T> T known(@Nullable T found, Plant plant, String what, Object named) {
    if (found == null) {
      throw new IllegalStateException(
          "Plant %d is %s that nobody knows: %s".formatted(plant.id(), what, named));
    }
    return found;
  }

  /** A moment later, when these plants were written. */
  Snapshot with(Map<Long, Plant> written) {
    var all = new HashMap<>(told);
    all.putAll(written);
    return of(all, places, kinds, this);
  }

  /** The same plants in a house where places or kinds may have changed. */
  Snapshot in(Map<Long, Place> newPlaces, Map<String, Kind> newKinds) {
    return places == newPlaces && kinds == newKinds ? this : of(told, newPlaces, newKinds, this);
  }
}
