package almanac.core.history;

import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Two plants that are kept on in one pot: one card stands for both until they part again. */
public final class OnePot {
  private OnePot() {}

  /**
   * What happens when plants are put into the pot of another. What was booked or asked for on them
   * goes over to its card; otherwise nobody would be asked until they part.
   *
   * @return by their ids, the holder's among them
   * @throws Refused naming the entry, if one is the holder itself, has left, or shares a pot
   *     already
   */
  public static Map<Long, List<Happening>> joined(Plant holder, List<Plant> joining) {
    refuse(holder, () -> "id");
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    var taken = new ArrayList<Happening>();
    for (int i = 0; i < joining.size(); i++) {
      var plant = joining.get(i);
      var path = "plants[%d]".formatted(i);
      refuse(plant, () -> path);
      if (plant.id() == holder.id()) {
        throw new Refused(() -> path, "It stands in its own pot already.");
      }
      var given = new ArrayList<Happening>();
      given.add(new Happening.InPotOf(holder.id()));
      taken.add(new Happening.TookIn(plant.id()));
      for (var booking : plant.card().inHand().bookings()) {
        given.add(new Happening.Unbooked(booking.uid()));
        taken.add(new Happening.Booked(booking));
      }
      for (var task : plant.card().inHand().tasks()) {
        given.add(new Happening.Done(task));
        taken.add(new Happening.Asked(task));
      }
      happenings.put(plant.id(), List.copyOf(given));
    }
    happenings.put(holder.id(), taken);
    return happenings;
  }

  private static void refuse(Plant plant, almanac.core.refusals.Field field) {
    if (plant.card().inHand().inPotOf() != null) {
      throw new Refused(field, "%s shares a pot already.".formatted(name(plant)));
    }
    if (!plant.here()) {
      throw new Refused(field, "%s is no longer here.".formatted(name(plant)));
    }
  }

  private static String name(Plant plant) {
    return plant.card().who().names().name();
  }

  /**
   * What happens to a plant that gets a pot of its own again. If both were potted since, it stands
   * in such a mix as they did.
   *
   * @param stand where it stands from now on
   */
  public static List<Happening> apart(Plant plant, Plant holder, Stand stand) {
    var happenings = new ArrayList<Happening>();
    happenings.add(new Happening.InPotOf(null));
    happenings.add(new Happening.Moved(stand));
    var joinedBy =
        plant.journal().holding().stream()
            .filter(line -> line.happening() instanceof Happening.InPotOf)
            .reduce((former, latter) -> latter)
            .orElseThrow();
    if (holder.potted().act().id() > joinedBy.act().id()) {
      happenings.add(holder.potted().happening());
    }
    return List.copyOf(happenings);
  }

  /** Who shares the pot of a plant that leaves goes with it, for the same reason. */
  public static Map<Long, Happening> following(Map<Long, List<Happening>> told, List<Plant> all) {
    var following = new LinkedHashMap<Long, Happening>();
    for (var plant : all) {
      var holder = plant.card().inHand().inPotOf();
      if (holder != null && told.containsKey(holder)) {
        Objects.requireNonNull(told.get(holder)).stream()
            .filter(Happening.Became.class::isInstance)
            .map(Happening.Became.class::cast)
            .filter(became -> !became.fate().status().here())
            .forEach(became -> following.put(plant.id(), became));
      }
    }
    return following;
  }
}
