package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.pot.Pot;
import almanac.core.tally.RootTally;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever is seen after a move, in whatever order, what came of it can be told. */
class AnyLifeTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MOVED = LocalDate.of(2026, 6, 3);
  private static final List<Item<?>> SEEN =
      List.of(
          Items.LEAVES,
          Items.BULBS,
          Items.GROWTH,
          Items.GROWTH_TREND,
          Items.STABILITY,
          Items.NEW_ROOTS,
          Items.ROOT_TIPS,
          Items.ROOTS_IN_POT,
          Items.ROT,
          Items.PESTS,
          Items.BREAKAGE);

  private final Random random = new Random(2026);

  private <T> T one(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private <A extends Enum<A> & Answer> Inspection saw(Inspection look, Item<A> item) {
    return look.with(item, item.saw(one(item.answers())));
  }

  private List<Inspection> looks() {
    var looks = new ArrayList<Inspection>();
    for (int day = -20 + random.nextInt(20); day < 260; day += random.nextInt(40)) {
      var look = Inspection.on(MOVED.plusDays(day));
      for (int i = 0; i < 1 + random.nextInt(2); i++) {
        // Trouble is rarer than quiet looks, so that all outcomes come about.
        Item<?> item = random.nextInt(4) == 0 ? one(SEEN) : one(SEEN.subList(4, 7));
        look = saw(look, item);
      }
      looks.add(look);
    }
    return looks;
  }

  private List<After.Answered> answers() {
    var answers = new ArrayList<After.Answered>();
    for (int day = 5; day < 220; day += 20 + random.nextInt(60)) {
      answers.add(
          new After.Answered(
              MOVED.plusDays(day),
              one(List.of(Purpose.STANDS, Purpose.ROOT_TIPS, Purpose.ANCHORED)),
              one(List.of(CheckAnswer.values()))));
    }
    return answers;
  }

  private Optional<LocalDate> sometimes(int in) {
    return random.nextInt(in) == 0
        ? Optional.of(MOVED.plusDays(1 + random.nextInt(300)))
        : Optional.empty();
  }

  private MoveRecord life() {
    var looks = random.nextInt(5) == 0 ? List.<Inspection>of() : looks();
    var move =
        new MoveMade(
            MOVED,
            one(List.of(MoveMade.Sort.values())),
            MoveMade.Before.seen(
                looks, MOVED, random.nextBoolean(), Optional.empty(), Pot.NOT_NOTED, FIGURES),
            new MoveMade.Into(Optional.empty(), Pot.NOT_NOTED),
            RootTally.EMPTY,
            MoveMade.leadBroken(looks, MOVED));
    var end =
        sometimes(8)
            .map(on -> new After.End(on, one(List.of(PlantStatus.LOST, PlantStatus.GIVEN_AWAY))));
    return new MoveRecord(
        move,
        After.of(MOVED, looks, looks.isEmpty() ? List.of() : answers(), end, sometimes(8)),
        Optional.empty());
  }

  @Test
  void isToldAndCountedOnce() {
    var counted = new EnumMap<Outcome, Integer>(Outcome.class);
    for (int i = 0; i < 1500; i++) {
      var life = life();
      var today = MOVED.plusDays(1 + random.nextInt(300));
      var told = life.afterwards(today, FIGURES);
      counted.merge(told.outcome(), 1, Integer::sum);
      assertThat(told.words(life.move()).toString()).contains(": " + told.outcome().words());
      told.tips().ifPresent(came -> assertThat(came.by()).isAfter(came.after()));
      told.holds().ifPresent(came -> assertThat(came.by()).isAfter(came.after()));
      assertThat(told.restsOn()).isSortedAccordingTo((a, b) -> a.on().compareTo(b.on()));
      var lessons = Lessons.of(List.of(MoveTold.of(life, today, FIGURES)), List.of(), FIGURES);
      assertThat(lessons.counted()).isEqualTo(Map.of(told.outcome(), 1));
      lessons.answers().stream()
          .flatMap(answered -> answered.lines().stream())
          .forEach(
              line ->
                  assertThat(line.chance().of() + line.waiting() + line.unseen())
                      .as("%s", told.outcome())
                      .isEqualTo(told.outcome() == Outcome.LEFT ? 0 : 1));
    }
    assertThat(counted.keySet()).containsExactlyInAnyOrder(Outcome.values());
    assertThat(counted.values()).allMatch(times -> times > 10);
  }

  @Test
  void timeAloneTurnsOnlyTooEarlyIntoSomethingElse() {
    int turned = 0;
    for (int i = 0; i < 3000; i++) {
      var life = life();
      // All that was seen is seen by then.
      var seen = MOVED.plusDays(300);
      var then = life.afterwards(seen, FIGURES).outcome();
      assertThat(life.afterwards(seen.plusYears(1), FIGURES).outcome()).isEqualTo(then);
      turned += then.tells() ? 1 : 0;
    }
    assertThat(turned).isGreaterThan(500);
  }
}
