package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.places.Places;
import almanac.core.history.Arrival;
import almanac.core.history.Happening;
import almanac.core.history.Names;
import almanac.core.history.Origin;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Traits;
import almanac.core.pot.Pot;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings plants into the collection. */
@Service
@Transactional
public class Adding {
  private final Plants plants;
  private final Keeping keeping;
  private final StandingRoom room;
  private final Places places;

  Adding(Plants plants, Keeping keeping, StandingRoom room, Places places) {
    this.plants = plants;
    this.keeping = keeping;
    this.room = room;
    this.places = places;
  }

  /**
   * A plant as it comes into the collection.
   *
   * @param placeId where it stands; null for a place that is added with it
   * @param apart whether it is kept apart from the others from now on
   * @param held whether it is held in the pot it came in from now on
   * @param mother the plant it was divided from, if it was
   */
  public record NewPlant(
      String label,
      Kind kind,
      @Nullable Long placeId,
      Places.@Nullable Wanted newPlace,
      Potting potting,
      Pot pot,
      Optional<Arrival> arrival,
      String cameFrom,
      String price,
      boolean apart,
      boolean held,
      @Nullable Long mother) {}

  /**
   * Adds a plant with what is known of its pot. A division is one act on the plant and its mother.
   *
   * @throws Refused if there is no such place or mother
   */
  public Written add(NewPlant plant, LocalDate today) {
    var stand = room.atTheEndOf(place(plant));
    var mother = plant.mother();
    if (mother != null && !plants.has(mother)) {
      throw new BadEntry("motherId", "There is no such plant to divide.");
    }
    var happenings = new ArrayList<Happening>();
    happenings.addAll(
        asItCame(
            new Happening.Potted(plant.potting(), plant.pot(), false),
            keeping.nextNumber(today),
            plant.label(),
            plant.kind().key(),
            stand,
            new Origin(plant.arrival(), plant.cameFrom(), plant.price(), "")));
    happenings.addAll(care(plant, today));
    return keeping.begin(
        today,
        happenings,
        (id, act) -> mother == null ? act : act.and(mother, new Happening.Divided(id)),
        today);
  }

  private long place(NewPlant plant) {
    if (plant.newPlace() != null) {
      return Paths.under("newPlace", () -> places.add(plant.newPlace())).id();
    }
    if (plant.placeId() == null) {
      throw new BadEntry("placeId", "Choose the place it stands in.");
    }
    return plant.placeId();
  }

  /** What every plant that comes has on its card. */
  public static List<Happening> asItCame(
      Happening.Potted potted,
      String number,
      String label,
      String kind,
      Stand stand,
      Origin origin) {
    return List.of(
        potted,
        new Happening.Numbered(number),
        new Happening.Named(Names.onLabel(label)),
        new Happening.OfKind(kind, Traits.NONE),
        new Happening.Moved(stand),
        new Happening.Came(origin));
  }

  private static List<Happening> care(NewPlant plant, LocalDate today) {
    var care = new ArrayList<Happening>();
    if (plant.mother() != null) {
      care.add(new Happening.PartedFrom(plant.mother()));
    }
    if (plant.apart()) {
      care.add(new Happening.KeptApart(today));
    }
    if (plant.held()) {
      care.add(new Happening.Held(today));
    }
    return care;
  }
}
