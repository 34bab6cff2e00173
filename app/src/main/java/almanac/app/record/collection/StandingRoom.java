package almanac.app.record.collection;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.places.Places;
import almanac.core.history.Stand;
import almanac.core.refusals.Refused;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where plants can be stood. */
@Component
public class StandingRoom {
  private final Plants plants;
  private final Places places;

  StandingRoom(Plants plants, Places places) {
    this.plants = plants;
    this.places = places;
  }

  /** Those that stand in a place, along the walk. */
  public List<PlantInPlace> on(long placeId) {
    return plants.everybody().stream()
        .filter(plant -> plant.place().id() == placeId)
        .sorted(Walk.ORDER)
        .toList();
  }

  /**
   * At the end of a place.
   *
   * @throws Refused if there is no such place
   */
  public Stand atTheEndOf(long placeId) {
    refuseUnknown(placeId);
    double last =
        on(placeId).stream().mapToDouble(plant -> plant.card().stand().position()).max().orElse(0);
    return new Stand(placeId, last + 1);
  }

  /**
   * @throws Refused if there is no such place
   */
  public void refuseUnknown(long placeId) {
    if (!places.has(placeId)) {
      throw new BadEntry("placeId", "There is no such place.");
    }
  }
}
