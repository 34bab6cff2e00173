package almanac.app.record.collection;

import almanac.app.record.journal.Telling;

/** What places, kinds and plants are called at one moment. */
record NamesOfToday(Snapshot now) implements Telling.Naming {
  @Override
  public String place(long id) {
    var place = now.places().get(id);
    return place == null ? "a place that is gone" : place.name();
  }

  @Override
  public String kind(String key) {
    var kind = now.kinds().get(key);
    return kind == null ? key : kind.name();
  }

  @Override
  public String plant(long id) {
    var plant = now.byId().get(id);
    return plant == null
        ? "a plant that is gone"
        : "%s %s".formatted(plant.card().who().number(), plant.name());
  }
}
