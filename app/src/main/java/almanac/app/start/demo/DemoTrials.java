package almanac.app.start.demo;

import almanac.app.record.journal.NewAct;
import almanac.core.history.Happening;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.OnlyMeasured;
import almanac.core.season.LightYear;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.OnTrial.Side;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** One trial that is closed, and one under way. */
final class DemoTrials {
  private static final int FAN_BEGUN = 400;
  private static final int FAN_CLOSED = 190;
  private static final int SEAWEED_BEGUN = 70;
  private static final List<String> UNDER_THE_FAN =
      List.of(
          "Oncidium Sluice Lamp",
          "Oncidium Mitre Post",
          "Promenaea Small Coin",
          "Miltonia Ripple Bank",
          "Stanhopea Coal Scuttle");
  private static final List<String> WITHOUT =
      List.of(
          "Dendrobium Sailcloth",
          "Cattleya Spotted Eft",
          "Cattleya Lantern Bridge",
          "Cattleya Iron Ring",
          "Vanda Weather Vane");

  private final DemoBooks books;
  private final Map<String, DemoPlant> plants;
  private final LightYear light;

  DemoTrials(DemoBooks books, Map<String, DemoPlant> plants, LightYear light) {
    this.books = books;
    this.plants = plants;
    this.light = light;
  }

  void all() {
    fan();
    seaweed();
  }

  private void fan() {
    var since = day(FAN_BEGUN);
    var trial =
        new Trial(
            UUID.nameUUIDFromBytes(new byte[] {2}),
            "A small fan over the low stage",
            Tried.PLACE,
            Against.OTHERS,
            List.of(Items.DAYS_TO_DRY, Items.NEWEST_SIZE, Items.LEAVES),
            since,
            judgeOn(since));
    var acts = new ArrayList<NewAct>();
    var begun = new LinkedHashMap<Long, List<Happening>>();
    begun(trial, Side.TRIED, UNDER_THE_FAN, begun);
    begun(trial, Side.AGAINST, WITHOUT, begun);
    acts.add(NewAct.of(since, begun));
    for (int round = 0; round < 3; round++) {
      var on = since.plusDays(35 + round * 50L);
      for (int i = 0; i < WITHOUT.size(); i++) {
        double swing = (i + round) % 3 - 1;
        acts.add(measured(id(UNDER_THE_FAN.get(i)), on, Items.DAYS_TO_DRY, 5 + swing));
        acts.add(measured(id(WITHOUT.get(i)), on, Items.DAYS_TO_DRY, 8 + swing * 1.5));
      }
    }
    var closed = new LinkedHashMap<Long, List<Happening>>();
    var end =
        new Happening.TrialEnded(
            trial.uid(),
            "Pots dry two days sooner and nothing grew better for it. The fan runs in winter"
                + " only, against wet leaves.");
    begun.keySet().forEach(id -> closed.put(id, List.of(end)));
    acts.add(NewAct.of(day(FAN_CLOSED), closed));
    books.keeping().bringIn(acts, books.today().get());
  }

  private void begun(
      Trial trial, Side side, List<String> names, Map<Long, List<Happening>> happenings) {
    names.forEach(
        name ->
            happenings.put(
                id(name), List.of(new Happening.TrialBegun(new OnTrial(trial, side, 0)))));
  }

  private NewAct measured(long id, LocalDate on, Item<OnlyMeasured> item, double value) {
    var figures = books.judging().figures();
    var look = Inspection.on(on).with(item, item.found(List.of(), value, figures));
    return NewAct.of(on, id, new Happening.Inspected(look));
  }

  /** On one piece of a plant that fell apart, held against what stayed of it. */
  private void seaweed() {
    var since = day(SEAWEED_BEGUN);
    var trial =
        new Trial(
            UUID.nameUUIDFromBytes(new byte[] {3}),
            "Seaweed with every second watering",
            Tried.FEED,
            Against.OTHER_HALF,
            List.of(Items.LEAVES, Items.NEWEST_SIZE, Items.NEW_ROOTS),
            since,
            judgeOn(since));
    var mother = plants.get("Brassia Balance Beam");
    var piece = mother.daughters().get(0);
    var begun = new LinkedHashMap<Long, List<Happening>>();
    begun.put(piece.id(), List.of(new Happening.TrialBegun(new OnTrial(trial, Side.TRIED, 1))));
    begun.put(mother.id(), List.of(new Happening.TrialBegun(new OnTrial(trial, Side.AGAINST, 1))));
    var acts = new ArrayList<NewAct>();
    acts.add(NewAct.of(since, begun));
    var looked = since.plusDays(38);
    acts.add(measured(piece.id(), looked, Items.NEWEST_SIZE, 62));
    acts.add(measured(mother.id(), looked, Items.NEWEST_SIZE, 58));
    books.keeping().bringIn(acts, books.today().get());
  }

  private long id(String name) {
    return plants.get(name).id();
  }

  private LocalDate judgeOn(LocalDate since) {
    return Trial.honestFrom(since, light, books.judging().figures());
  }

  private LocalDate day(int daysAgo) {
    return books.today().get().minusDays(daysAgo);
  }
}
