package almanac.app.record.collection;

import almanac.app.record.places.Place;
import almanac.core.history.Card;
import almanac.core.history.Plant;
import almanac.core.history.PlantHistory;
import almanac.core.kinds.Kind;

/**
 * A plant with what its card only names: its kind and where it stands.
 *
 * @param kind the kind of plant it is
 */
public record PlantInPlace(Plant plant, Kind kind, Place place) {
  public long id() {
    return plant.id();
  }

  public Card card() {
    return plant.card();
  }

  /** The name to go by. */
  public String name() {
    return plant.card().who().names().name();
  }

  /** The history the rules judge by. */
  public PlantHistory history() {
    return plant.history();
  }

  /** Its kind as this plant follows it. */
  public Kind follows() {
    return kind.with(plant.card().who().own());
  }
}
