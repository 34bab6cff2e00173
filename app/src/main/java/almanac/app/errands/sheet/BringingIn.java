package almanac.app.errands.sheet;

import almanac.app.errands.plants.Adding;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.collection.Written;
import almanac.app.record.kinds.KindKey;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.places.Place;
import almanac.app.record.places.PlaceKind;
import almanac.app.record.places.Places;
import almanac.app.record.site.Today;
import almanac.core.history.Arrival;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Origin;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.kinds.Kind;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.potting.KeptWet;
import almanac.core.sheet.Decisions;
import almanac.core.sheet.Known;
import almanac.core.sheet.PlaceChoice;
import almanac.core.sheet.RowTold;
import almanac.core.sheet.Sheet;
import almanac.core.sheet.SheetReader;
import almanac.core.sheet.SheetReading;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads sheets against what the collection has, and writes their plants into it. */
@Service
class BringingIn {
  private final Plants plants;
  private final Keeping keeping;
  private final StandingRoom room;
  private final Kinds kinds;
  private final Places places;
  private final Today today;

  BringingIn(
      Plants plants, Keeping keeping, StandingRoom room, Kinds kinds, Places places, Today today) {
    this.plants = plants;
    this.keeping = keeping;
    this.room = room;
    this.kinds = kinds;
    this.places = places;
    this.today = today;
  }

  /**
   * What a sheet says, as it is understood so far.
   *
   * @throws BadEntry if the decisions do not go with the sheet
   */
  SheetReading read(Sheet sheet, Decisions decisions) {
    refuse(sheet, decisions);
    return SheetReader.read(sheet, decisions, known(), today.get());
  }

  private static void refuse(Sheet sheet, Decisions decisions) {
    if (decisions.columns().size() != sheet.columns().size()) {
      throw new BadEntry("columns", "Say of every column what it is about.");
    }
    for (var meaning : decisions.columns()) {
      if (!meaning.often()
          && decisions.columns().stream().filter(each -> each == meaning).count() > 1) {
        throw new BadEntry(
            "columns", "Two columns cannot both be about this: %s.".formatted(meaning.words()));
      }
    }
  }

  private Known known() {
    var named = new LinkedHashMap<String, String>();
    kinds.all().forEach(kind -> named.put(kind.key(), kind.name()));
    var placed = new LinkedHashMap<Long, String>();
    places.all().forEach(place -> placed.put(place.id(), place.name()));
    return new Known(
        named,
        placed,
        keeping.numbers(),
        plants.everybody().stream().map(plant -> plant.name()).toList());
  }

  /**
   * Brings all plants of a sheet in, with the kinds and places that are made for it, as one act.
   *
   * @throws BadEntry if anything in it cannot be right; then nothing is kept
   */
  @Transactional
  public Written bring(String name, Sheet sheet, Decisions decisions) {
    var reading = read(sheet, decisions);
    if (!reading.faults().isEmpty()) {
      var first = reading.faults().get(0);
      throw new BadEntry(
          "rows",
          "Row %d: %s. Correct it, or leave the row out; nothing was brought in."
              .formatted(first.row(), first.why()));
    }
    if (reading.plants().isEmpty()) {
      throw new BadEntry("rows", "There is no plant left to bring in.");
    }
    var day = today.get();
    var numbers = keeping.nextNumbers(day, reading.plants().stream().map(RowTold::number).toList());
    var standing = new Standing();
    var making = new Making();
    var told = new ArrayList<List<Happening>>();
    for (var plant : reading.plants()) {
      told.add(
          happenings(
              plant,
              plant.number().isEmpty() ? numbers.next() : plant.number(),
              making.kind(plant),
              standing.next(plant.place()),
              day));
    }
    return keeping.beginAll(day, "Brought in from the list %s.".formatted(name), told, day);
  }

  private static List<Happening> happenings(
      RowTold plant, String number, Kind kind, Stand stand, LocalDate day) {
    var potting =
        new Potting(
            plant.potted().pottedOn(),
            day,
            plant.potted().mix().orElse(Mix.of(Component.UNKNOWN)),
            KeptWet.of(
                Optional.empty(),
                kind,
                plant.potted().pot().type(),
                plant.potted().mix().orElse(Mix.of(Component.UNKNOWN))));
    var all =
        new ArrayList<>(
            Adding.asItCame(
                new Happening.Potted(potting, plant.potted().pot(), false),
                number,
                plant.label(),
                kind.key(),
                stand,
                new Origin(
                    plant.came().arrivedOn().map(on -> new Arrival(on, false)),
                    plant.came().cameFrom(),
                    plant.came().price(),
                    plant.came().parents())));
    if (!plant.notes().isEmpty()) {
      all.add(new Happening.Noted(plant.notes()));
    }
    if (!plant.fate().equals(Fate.GROWING)) {
      all.add(new Happening.Became(plant.fate()));
    }
    return all;
  }

  /** Makes kinds as they are needed, each once. */
  private final class Making {
    private final Map<String, Kind> made = new HashMap<>();

    Kind kind(RowTold plant) {
      var like = kinds.named(plant.kind().key()).orElseThrow();
      return plant.kind().anew()
          ? made.computeIfAbsent(KindKey.of(plant.kindWords()), key -> anew(key, plant, like))
          : like;
    }

    private Kind anew(String key, RowTold plant, Kind like) {
      if (kinds.named(key).isPresent()) {
        throw new BadEntry(
            "kinds", "There is a kind “%s” already; choose that.".formatted(plant.kindWords()));
      }
      var kind = new Kind(key, plant.kindWords(), like.traits());
      kinds.keep(kind);
      return kind;
    }
  }

  private static PlaceKind sort(String name) {
    var plain = name.toLowerCase(Locale.ROOT);
    return Stream.of(PlaceKind.values())
        .filter(each -> plain.contains(each.words()))
        .findFirst()
        .orElse(PlaceKind.OTHER);
  }

  /** Finds a stand for each plant, and makes places as they are needed, each once. */
  private final class Standing {
    private final Map<String, Long> made =
        places.all().stream().collect(Collectors.toMap(Place::name, Place::id));
    private final Map<Long, Double> last = new HashMap<>();

    Stand next(PlaceChoice choice) {
      long id =
          choice.id() != null
              ? choice.id()
              : made.computeIfAbsent(
                  choice.name(),
                  name -> places.add(new Places.Wanted(name, sort(name), null, null, null)).id());
      var stand = last.containsKey(id) ? new Stand(id, last.get(id) + 1) : room.atTheEndOf(id);
      last.put(id, stand.position());
      return stand;
    }
  }
}
