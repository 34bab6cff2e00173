package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.judgement.verdict.Asks;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.Pot;
import almanac.core.roots.RootStage;
import almanac.core.tally.RootTally;
import almanac.core.taught.MoveMade.Sort;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What a collection taught is counted from what came of its moves. */
class LessonsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MOVED = LocalDate.of(2026, 6, 3);
  private static final LocalDate TODAY = MOVED.plusDays(400);
  private static final Optional<Mix> BARK = Optional.of(Mix.of(Component.BARK_MEDIUM));

  /** What slips said on some days. */
  private static final Map<LocalDate, SlipThen> SLIPS =
      Map.of(
          MOVED.plusDays(1),
          new SlipThen(Asks.MOVE, Approach.HOUSE_RULES, Optional.empty(), 16),
          MOVED.plusDays(2),
          new SlipThen(Asks.WAIT, Approach.FRESH_START, Optional.empty(), 16),
          MOVED.plusDays(3),
          new SlipThen(Asks.LEAVE, Approach.HOUSE_RULES, Optional.empty(), 16),
          MOVED.plusDays(4),
          new SlipThen(Asks.LET_GO, Approach.HOUSE_RULES, Optional.empty(), 16));

  private static MoveMade move(Sort sort, RootStage stage, boolean inFlower, LocalDate on) {
    return new MoveMade(
        on,
        sort,
        new MoveMade.Before(
            Optional.ofNullable(stage),
            inFlower,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            BARK,
            Pot.NOT_NOTED,
            Optional.ofNullable(SLIPS.get(on))),
        new MoveMade.Into(BARK, Pot.NOT_NOTED),
        RootTally.EMPTY,
        false);
  }

  private static MoveRecord held(MoveMade move) {
    return record(
        move,
        new After.Answered(move.on().plusDays(30), Purpose.ROOT_TIPS, CheckAnswer.AS_HOPED),
        new After.Answered(move.on().plusDays(90), Purpose.ANCHORED, CheckAnswer.AS_HOPED));
  }

  private static MoveRecord slow(MoveMade move) {
    return record(
        move,
        new After.Answered(move.on().plusDays(90), Purpose.ANCHORED, CheckAnswer.NOT_AS_HOPED));
  }

  private static MoveRecord record(MoveMade move, After.Answered... answers) {
    return new MoveRecord(
        move,
        new After(List.of(), List.of(answers), Optional.empty(), Optional.empty()),
        Optional.empty());
  }

  private static MoveRecord lost(MoveMade move) {
    var end = new After.End(move.on().plusDays(50), PlantStatus.LOST);
    return new MoveRecord(
        move,
        new After(List.of(), List.of(), Optional.of(end), Optional.empty()),
        Optional.empty());
  }

  private static Lessons of(List<MoveRecord> moves) {
    return Lessons.of(
        moves.stream().map(each -> MoveTold.of(each, TODAY, FIGURES)).toList(), List.of(), FIGURES);
  }

  private static Lessons.Line line(Lessons lessons, Question question, String words) {
    return lessons.answers().stream()
        .filter(each -> each.question() == question)
        .flatMap(each -> each.lines().stream())
        .filter(each -> each.words().equals(words))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aCollectionThatMovedNothingWasTaughtNothing() {
    var lessons = of(List.of());
    assertThat(lessons.counted()).isEmpty();
    assertThat(lessons.answers()).isEmpty();
    assertThat(lessons.lives()).isEmpty();
    assertThat(lessons.tips().by()).isEmpty();
  }

  @Test
  void movesAreCountedByWhatTheirSlipsSaidAndByWhom() {
    var asked = move(Sort.REPOT, RootStage.NUB, false, MOVED.plusDays(1));
    var early = move(Sort.REPOT, RootStage.SHORT, false, MOVED.plusDays(2));
    var left = move(Sort.REPOT, RootStage.NUB, false, MOVED.plusDays(3));
    var kept = move(Sort.REPOT, RootStage.NUB, false, MOVED.plusDays(4));
    var lessons = of(List.of(held(asked), held(asked), slow(early), lost(left), lost(kept)));
    assertThat(line(lessons, Question.SLIP, "It asked for it").chance().well()).isEqualTo(2);
    assertThat(line(lessons, Question.SLIP, "It said: wait").slow()).isEqualTo(1);
    assertThat(line(lessons, Question.SLIP, "It said: leave it").badly()).isEqualTo(1);
    assertThat(line(lessons, Question.SLIP, "It said: let it go").chance().assumed())
        .isLessThan(0.5);
    assertThat(line(lessons, Question.APPROACH, "House rules").chance().of()).isEqualTo(4);
    assertThat(line(lessons, Question.APPROACH, "Fresh start").chance().of()).isEqualTo(1);
    assertThat(of(List.of(held(asked))).answers())
        .as("one approach alone is compared with none")
        .extracting(Lessons.Answered::question)
        .contains(Question.SLIP)
        .doesNotContain(Question.APPROACH);
  }

  @Test
  void movesAreCountedByWhatCameOfThem() {
    var nubs = move(Sort.REPOT, RootStage.NUB, false, MOVED);
    var tips = move(Sort.REPOT, RootStage.SHORT, true, MOVED);
    var lessons =
        of(
            List.of(
                held(nubs),
                held(nubs),
                lost(nubs),
                slow(tips),
                held(tips),
                record(nubs),
                record(move(Sort.REPOT, null, false, TODAY.minusDays(20)))));
    assertThat(lessons.counted())
        .isEqualTo(
            Map.of(
                Outcome.RE_ESTABLISHED, 3,
                Outcome.SLOW, 1,
                Outcome.LOST, 1,
                Outcome.NOBODY_LOOKED, 1,
                Outcome.TOO_EARLY, 1));
    var atNubs = line(lessons, Question.STAGE, "At the nubs");
    assertThat(atNubs.chance().well()).isEqualTo(2);
    assertThat(atNubs.chance().of()).isEqualTo(3);
    assertThat(atNubs.unseen()).isEqualTo(1);
    assertThat(atNubs.badly()).isEqualTo(1);
    assertThat(line(lessons, Question.STAGE, "Short or half-long roots").slow()).isEqualTo(1);
    assertThat(atNubs.chance().assumed()).isEqualTo(0.9);
    assertThat(line(lessons, Question.FLOWERS, "In bud or flower").chance().of()).isEqualTo(2);
    assertThat(line(lessons, Question.FLOWERS, "Without flowers").waiting()).isEqualTo(1);
    assertThat(line(lessons, Question.SEASON, "June to August").chance().of()).isEqualTo(5);
    assertThat(line(lessons, Question.MEDIUM, "The same again").chance().of()).isEqualTo(5);
  }

  @Test
  void aBallThatStayedWholeSaysNothingOfOpenedRoots() {
    var lessons = of(List.of(held(move(Sort.SHIFT, RootStage.SHORT, true, MOVED))));
    assertThat(lessons.answers())
        .extracting(Lessons.Answered::question)
        .containsExactly(Question.WORK);
    assertThat(lessons.holds().cases()).isZero();
  }

  @Test
  void theMonthsOfTheWinterStandTogetherOverTheTurnOfTheYear() {
    for (var month : List.of(12, 1, 2)) {
      var lessons = of(List.of(held(move(Sort.REPOT, null, false, LocalDate.of(2025, month, 10)))));
      assertThat(line(lessons, Question.SEASON, "December to February").chance().of()).isEqualTo(1);
    }
  }

  @Test
  void halfOfAllHadNewTipsAndHeldBetweenTwoLooks() {
    var nubs = move(Sort.REPOT, RootStage.NUB, false, MOVED);
    var lessons = of(List.of(held(nubs), held(nubs), slow(nubs)));
    assertThat(lessons.tips()).isEqualTo(new HowLong(2, OptionalInt.of(0), OptionalInt.of(30)));
    assertThat(lessons.holds()).isEqualTo(new HowLong(3, OptionalInt.of(0), OptionalInt.of(90)));
  }

  @Test
  void theOrderOfEntryDoesNotMatter() {
    var moves = new ArrayList<MoveRecord>();
    for (int i = 0; i < 40; i++) {
      var stage = RootStage.values()[i % RootStage.values().length];
      var sort = Sort.values()[i % Sort.values().length];
      var on = i < SLIPS.size() ? MOVED.plusDays(i + 1) : MOVED.minusDays(7L * i);
      var move = move(sort, stage, i % 3 == 0, on);
      moves.add(i % 4 == 0 ? slow(move) : i % 5 == 0 ? lost(move) : held(move));
    }
    var before = of(moves);
    assertThat(before.answers()).hasSize(Question.values().length);
    Collections.reverse(moves);
    assertThat(of(moves)).isEqualTo(before);
  }

  @Test
  void whatWasFeltIsToldByComponentTheBestKnownFirst() {
    var fine = new PotFelt(Component.BARK_FINE, Moisture.KEPT_MOIST, new LifeHere.Told(0, 0.6));
    var chips =
        new PotFelt(Component.COCONUT_CHIPS, Moisture.KEPT_MOIST, new LifeHere.Told(0.5, 1.5));
    var lessons = Lessons.of(List.of(), List.of(chips, fine, fine), FIGURES);
    assertThat(lessons.lives())
        .extracting(life -> life.component() + " " + life.pots())
        .containsExactly("BARK_FINE 2", "COCONUT_CHIPS 1");
  }
}
