package almanac.app.start.demo;

import static almanac.core.medium.Component.BARK_FINE;
import static almanac.core.medium.Component.COCONUT_FIBRE;
import static java.util.stream.Collectors.toMap;

import almanac.app.record.places.Place;
import almanac.app.record.places.PlaceKind;
import almanac.app.record.places.Places;
import almanac.app.record.site.Settings;
import almanac.app.record.site.Site;
import almanac.core.history.Arrival;
import almanac.core.history.Happening;
import almanac.core.history.Names;
import almanac.core.history.Origin;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Stability;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * A lock keeper's house on a canal at 56° north, with its plants; every name is invented. The
 * history runs up to the day on which the collection is first opened.
 */
@Component
public class Demo {
  private static final double LATITUDE = 56;
  private static final List<Double> SUNROOM =
      List.of(18.0, 18.0, 18.5, 19.5, 20.5, 22.0, 23.0, 23.0, 21.0, 19.5, 18.5, 18.0);
  private static final List<Double> SILL =
      List.of(19.0, 19.0, 19.5, 20.0, 21.0, 22.0, 22.5, 22.5, 21.0, 20.0, 19.5, 19.0);
  private static final List<Double> CELLAR =
      List.of(18.0, 18.0, 18.0, 18.5, 19.0, 20.0, 20.5, 20.5, 20.0, 19.0, 18.5, 18.0);

  private final Places places;
  private final DemoBooks books;
  private final Settings settings;
  private final Site site;
  private final DemoDays days;
  private final DemoSittings sittings;

  Demo(
      Places places,
      DemoBooks books,
      Settings settings,
      Site site,
      DemoDays days,
      DemoSittings sittings) {
    this.places = places;
    this.books = books;
    this.settings = settings;
    this.site = site;
    this.days = days;
    this.sittings = sittings;
  }

  /** Writes the demo collection into an empty database, whole or not at all. */
  @Transactional
  public void fillIfEmpty() {
    if (settings.get("collection").isPresent()) {
      return;
    }
    settings.set("collection", "demo");
    site.moveTo(LATITUDE);
    var shelves =
        Stream.of(
                place("Sunroom, low stage", PlaceKind.STAGE, null, SUNROOM),
                place("Sunroom, high stage", PlaceKind.STAGE, null, SUNROOM),
                place("East sill", PlaceKind.SILL, null, SILL),
                place("Cellar shelf under lights", PlaceKind.CELLAR, 14.0, CELLAR))
            .collect(toMap(Place::name, Place::id));
    var plants = new HashMap<String, DemoPlant>();
    for (var row : DemoShelf.rows()) {
      plants.put(row.label(), new DemoPlant(books).of(row, shelves.get(row.place())));
    }
    new DemoStock(books).all();
    new DemoTold(plants, books.today().get()).all();
    new DemoLater(plants, books.today().get()).all();
    swapTags(plants, "Phalaenopsis Mill Light", "Phalaenopsis Ice House");
    arrivals(shelves.get("Cellar shelf under lights"));
    for (var clear : List.of("Phalaenopsis Nine Arches", "Phalaenopsis Mill Light")) {
      plants.get(clear).happened(new Happening.Asked("Dark cover round the clear pot"));
    }
    new DemoCourse(books, plants).all();
    new DemoTrials(books, plants, site.light()).all();
    days.all(books.today().get(), plants);
    for (var row : DemoGone.rows(DemoTold.spring(books.today().get()))) {
      new DemoPlant(books).gone(row, shelves.get(row.place()));
    }
    sittings.all(books.today().get());
  }

  /** Two that were repotted on the same day got each other's tags; the flowers told. */
  private static void swapTags(Map<String, DemoPlant> plants, String one, String other) {
    swapped(plants.get(one), other);
    swapped(plants.get(other), one);
  }

  private static void swapped(DemoPlant plant, String truly) {
    plant.happened(
        new Happening.Named(new Names(plant.card().who().names().label(), truly, "")),
        new Happening.Noted("Tags swapped at the bench; the flowers are those of the other."));
  }

  /** One that is held in the pot it came in, and one that is kept apart. */
  private void arrivals(long place) {
    var day = books.today().get();
    new DemoPlant(books)
        .arrived(
            "Miltoniopsis Market Day",
            "miltoniopsis",
            place,
            Mix.of(COCONUT_FIBRE),
            day.minusDays(64))
        .happened(
            new Happening.Came(came(day.minusDays(64), "a plant fair", "12")),
            new Happening.Held(day.minusDays(60)))
        .look(
            60,
            look ->
                look.measured(Items.SOAK_IN, 7.0)
                    .measured(Items.SOAK_PH, 6.3)
                    .roots(RootStage.NONE))
        .look(
            28,
            look ->
                look.measured(Items.SOAK_IN, 7.1)
                    .measured(Items.SOAK_PH, 6.1)
                    .roots(RootStage.NONE)
                    .bloom(Bloom.NONE));
    new DemoPlant(books)
        .arrived("Oncidium Penny Post", "oncidium", place, Mix.of(BARK_FINE), day.minusDays(12))
        .happened(
            new Happening.Came(came(day.minusDays(12), "a neighbour", "")),
            new Happening.KeptApart(day.minusDays(12)))
        .look(9, look -> look.saw(Items.PESTS, Pests.NONE).stands(Stability.FIRM));
  }

  private static Origin came(LocalDate on, String from, String price) {
    return new Origin(Optional.of(new Arrival(on, false)), from, price, "");
  }

  private Place place(String name, PlaceKind kind, @Nullable Double lampHours, List<Double> means) {
    return places.add(new Places.Wanted(name, kind, lampHours, means, null));
  }
}
