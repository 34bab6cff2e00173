package almanac.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Aim;
import almanac.core.history.Event;
import almanac.core.history.Happening;
import almanac.core.history.PlantHistory;
import almanac.core.history.Potting;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/** Plants made up from a seed: ten years of pottings and of looks every month and a half. */
final class ManyPlants {
  static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final int YEARS = 10;
  private static final int DAYS_BETWEEN_LOOKS = 45;
  private static final int YEARS_IN_A_POT = 2;

  private final Random random;
  private final Conditions conditions =
      new Conditions(
          LightYear.at(56), OptionalDouble.empty(), Optional.of(Temperatures.steady(21)));

  ManyPlants(long seed) {
    random = new Random(seed);
  }

  /** What happened to one plant, oldest first. */
  List<Event> events() {
    var events = new ArrayList<Event>();
    var start = TODAY.minusYears(YEARS).minusDays(random.nextInt(300));
    var mix = new Mix(Map.of(Component.BARK_MEDIUM, 3.0, Component.PERLITE, 1.0));
    for (var day = start; day.isBefore(TODAY); day = day.plusYears(YEARS_IN_A_POT)) {
      events.add(
          new Happening.Potted(new Potting(PottedOn.on(day), day, mix, Moisture.DRIES_BETWEEN)));
    }
    for (var day = start.plusDays(20);
        day.isBefore(TODAY);
        day = day.plusDays(DAYS_BETWEEN_LOOKS)) {
      events.add(new Happening.Inspected(looks(day)));
    }
    return events;
  }

  /** One plant on the day, with that history. */
  Situation situation(List<Event> events) {
    var kinds = StandardKinds.standard();
    return new Situation(
        TODAY,
        kinds.get(random.nextInt(kinds.size())),
        PlantHistory.of(events),
        conditions,
        Optional.empty(),
        Aim.AS_IT_COMES,
        Optional.empty());
  }

  private Inspection looks(LocalDate day) {
    var inspection =
        Inspection.on(day)
            .with(
                Items.NEW_ROOTS,
                Items.NEW_ROOTS.found(List.of(), 1.0 + random.nextInt(120), Figures.standard()));
    inspection = saw(inspection, Items.BLOOM, Bloom.values());
    inspection = saw(inspection, Items.STABILITY, Stability.values());
    inspection = saw(inspection, Items.LEAVES, Leaves.values());
    inspection = saw(inspection, Items.ROOTS_IN_POT, RootsInPot.values());
    inspection = saw(inspection, Items.MEDIUM_PIECE, MediumPiece.values());
    inspection = saw(inspection, Items.SMELL, Smell.values());
    return inspection.with(Items.PESTS, Items.PESTS.saw(Pests.NONE));
  }

  private <A extends Enum<A> & Answer> Inspection saw(
      Inspection inspection, Item<A> item, A[] answers) {
    return inspection.with(item, item.saw(answers[random.nextInt(answers.length)]));
  }
}
