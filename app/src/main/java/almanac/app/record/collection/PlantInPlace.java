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
 * @param namesake whether another plant of the same name stands in the collection
 */
public record PlantInPlace(Plant plant, Kind kind, Place place, boolean namesake) {
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

  /** What it is called among others: where two bear one name, the number stands beside it. */
  public String called() {
    return namesake ? "%s (%s)".formatted(name(), card().who().number()) : name();
  }

  /** The same with another journal; as it was known once. */
  public PlantInPlace as(Plant other) {
    return new PlantInPlace(other, kind, place, namesake);
  }

  PlantInPlace namesake(boolean is) {
    return is == namesake ? this : new PlantInPlace(plant, kind, place, is);
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
