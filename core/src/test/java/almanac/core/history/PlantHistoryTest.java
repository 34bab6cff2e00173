package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Look;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is known of a plant: the newest look at each spot, and what a move makes void. */
class PlantHistoryTest {
  private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  private static Event potted(LocalDate on) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN));
  }

  private static Event looked(LocalDate on, RootStage roots) {
    return new Happening.Inspected(
        Inspection.on(on).with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(roots)));
  }

  private static Event looked(LocalDate on, RootsInPot roots) {
    return new Happening.Inspected(
        Inspection.on(on).with(Items.ROOTS_IN_POT, Items.ROOTS_IN_POT.saw(roots)));
  }

  @Test
  void thereIsNoHistoryWithoutAPotting() {
    assertThatThrownBy(() -> PlantHistory.of(List.of(looked(MARCH, RootStage.NUB))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("potting");
  }

  @Test
  void whatIsWrittenDownLateTakesItsPlaceByItsDay() {
    var history =
        PlantHistory.of(
            List.of(
                potted(MARCH),
                looked(MARCH.plusDays(40), RootStage.LONG),
                looked(MARCH.plusDays(10), RootStage.NUB)));
    assertThat(history.latest(Items.NEW_ROOTS, TODAY).answer()).contains(RootStage.LONG);
    assertThat(history.life()).extracting(Inspection::on).isSorted();
  }

  @Test
  void ofTwoLooksOnOneDayTheOneWrittenLastHolds() {
    var history =
        PlantHistory.of(
            List.of(
                potted(MARCH),
                looked(MARCH.plusDays(9), RootStage.NUB),
                looked(MARCH.plusDays(9), RootStage.SHORT)));
    assertThat(history.latest(Items.NEW_ROOTS, TODAY).answer()).contains(RootStage.SHORT);
  }

  @Test
  void aMoveMakesTheLooksIntoThePotVoidAndKeepsThoseAboveIt() {
    var above =
        Inspection.on(MARCH.plusDays(5))
            .with(Items.BLOOM, Items.BLOOM.saw(Bloom.OPEN))
            .with(Items.ROOTS_IN_POT, Items.ROOTS_IN_POT.saw(RootsInPot.MOSTLY_SOFT));
    var history =
        PlantHistory.of(
            List.of(potted(MARCH), new Happening.Inspected(above), potted(MARCH.plusDays(6))));
    assertThat(history.latest(Items.ROOTS_IN_POT, TODAY).seen()).isEmpty();
    assertThat(history.latest(Items.BLOOM, TODAY).answer()).contains(Bloom.OPEN);
    assertThat(history.inspections()).isEmpty();
    assertThat(history.life()).hasSize(1);
  }

  @Test
  void leadsHaveRootsOfTheirOwn() {
    var both =
        Inspection.on(MARCH.plusDays(5))
            .with(Items.NEW_ROOTS, Lead.A, Items.NEW_ROOTS.saw(RootStage.NUB))
            .with(Items.NEW_ROOTS, Lead.B, Items.NEW_ROOTS.saw(RootStage.LONG));
    var history = PlantHistory.of(List.of(potted(MARCH), new Happening.Inspected(both)));
    assertThat(history.latest(Items.NEW_ROOTS, Lead.B, TODAY).answer()).contains(RootStage.LONG);
    assertThat(history.latest(Items.NEW_ROOTS, Lead.A, TODAY).answer()).contains(RootStage.NUB);
    assertThat(history.latest(Items.NEW_ROOTS, Lead.C, TODAY).seen()).isEmpty();
    var without = history.without(new LookSpot(Items.NEW_ROOTS, Lead.B));
    assertThat(without.latest(Items.NEW_ROOTS, Lead.B, TODAY).seen()).isEmpty();
    assertThat(without.latest(Items.NEW_ROOTS, Lead.A, TODAY).answer()).contains(RootStage.NUB);
  }

  @Test
  void askedForAnEarlierDayItKnowsNothingOfLaterOnes() {
    var history =
        PlantHistory.of(
            List.of(
                potted(MARCH),
                looked(MARCH.plusDays(10), RootStage.NUB),
                looked(MARCH.plusDays(40), RootStage.LONG)));
    assertThat(history.latest(Items.NEW_ROOTS, MARCH.plusDays(20)).answer())
        .contains(RootStage.NUB);
    assertThat(history.latest(Items.NEW_ROOTS, MARCH.plusDays(9)).seen()).isEmpty();
  }

  @Test
  void whatIsSupposedLeavesTheHistoryAsItIs() {
    var history =
        PlantHistory.of(List.of(potted(MARCH), looked(MARCH.plusDays(3), RootsInPot.FIRM)));
    var supposed =
        history.and(
            Inspection.on(TODAY)
                .with(Items.ROOTS_IN_POT, Items.ROOTS_IN_POT.saw(RootsInPot.MOSTLY_SOFT)));
    assertThat(supposed.latest(Items.ROOTS_IN_POT, TODAY).answer())
        .contains(RootsInPot.MOSTLY_SOFT);
    assertThat(supposed.inspections()).hasSize(2);
    assertThat(history.latest(Items.ROOTS_IN_POT, TODAY).answer()).contains(RootsInPot.FIRM);
    assertThat(history.inspections()).hasSize(1);
  }

  @Test
  void inAnotherPottingWhatWasSeenStillHolds() {
    var history =
        PlantHistory.of(List.of(potted(MARCH), looked(MARCH.plusDays(3), RootsInPot.FIRM)));
    var other =
        new Potting(PottedOn.unknown(), MARCH, Mix.of(Component.BARK_FINE), Moisture.KEPT_MOIST);
    assertThat(history.in(other).potting()).isEqualTo(other);
    assertThat(history.in(other).latest(Items.ROOTS_IN_POT, TODAY).answer())
        .contains(RootsInPot.FIRM);
  }

  /** A life of random moves and looks, told in a random order. */
  private static List<Event> life(Random random) {
    var events = new ArrayList<Event>();
    events.add(potted(MARCH.minusDays(1)));
    int many = 1 + random.nextInt(25);
    for (int i = 0; i < many; i++) {
      var day = MARCH.plusDays(random.nextInt(60));
      events.add(random.nextInt(6) == 0 ? potted(day) : new Happening.Inspected(any(day, random)));
    }
    return events;
  }

  private static Inspection any(LocalDate day, Random random) {
    var inspection = Inspection.on(day);
    if (random.nextBoolean()) {
      inspection = with(inspection, Items.NEW_ROOTS, RootStage.values(), random);
    }
    if (random.nextBoolean()) {
      inspection = with(inspection, Items.ROOTS_IN_POT, RootsInPot.values(), random);
    }
    return with(inspection, Items.STABILITY, Stability.values(), random);
  }

  private static <A extends Enum<A> & Answer> Inspection with(
      Inspection inspection, Item<A> item, A[] answers, Random random) {
    var lead = item.ofALead() ? Lead.values()[random.nextInt(2)] : Lead.FIRST;
    return inspection.with(item, lead, item.saw(answers[random.nextInt(answers.length)]));
  }

  /** As anybody would look it up by hand: through all that happened, from the end. */
  private static <A extends Enum<A> & Answer> Optional<A> byHand(
      List<Event> events, Item<A> item, Lead lead, LocalDate day) {
    var ordered = new ArrayList<>(events);
    ordered.sort(Comparator.comparing(Event::on));
    for (int i = ordered.size() - 1; i >= 0; i--) {
      var event = ordered.get(i);
      if (event instanceof Happening.Potted && item.ofThisPot()) {
        return Optional.empty();
      }
      if (event instanceof Happening.Inspected inspected && !event.on().isAfter(day)) {
        Look<A> look = inspected.inspection().look(item, lead);
        if (look.seen().isPresent()) {
          return look.answer();
        }
      }
    }
    return Optional.empty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theNewestLookIsTheOneFoundByHand(long seed) {
    var random = new Random(seed);
    for (int i = 0; i < 200; i++) {
      var events = life(random);
      var history = PlantHistory.of(events);
      for (int days = 0; days < 60; days += 7) {
        var day = MARCH.plusDays(days);
        for (var lead : List.of(Lead.A, Lead.B)) {
          assertThat(history.latest(Items.NEW_ROOTS, lead, day).answer())
              .as("%s on %s", events, day)
              .isEqualTo(byHand(events, Items.NEW_ROOTS, lead, day));
        }
        assertThat(history.latest(Items.ROOTS_IN_POT, day).answer())
            .as("%s on %s", events, day)
            .isEqualTo(byHand(events, Items.ROOTS_IN_POT, Lead.FIRST, day));
        assertThat(history.latest(Items.STABILITY, day).answer())
            .as("%s on %s", events, day)
            .isEqualTo(byHand(events, Items.STABILITY, Lead.FIRST, day));
      }
    }
  }
}
