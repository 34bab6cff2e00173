package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.pot.Pot;
import almanac.core.tally.RootTally;
import almanac.core.taught.MoveMade.Sort;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ByKindTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MOVED = LocalDate.of(2026, 6, 3);
  private static final double WEIGHT = FIGURES.of(LearningFigures.WEIGHT);
  private static final double ANY = FIGURES.of(LearningFigures.ANY) / 100;

  private final List<ByKind.OfKind> moves = new ArrayList<>();

  private static List<Kind> kindsOf(ReadyRule rule) {
    return StandardKinds.standard().stream()
        .filter(kind -> kind.of(Trait.READY_RULE) == rule)
        .toList();
  }

  private void moved(int times, Kind kind, Sort sort, Optional<CheckAnswer> answer) {
    for (int i = 0; i < times; i++) {
      var before =
          new MoveMade.Before(
              Optional.empty(),
              false,
              Optional.empty(),
              Optional.empty(),
              Optional.empty(),
              Optional.empty(),
              Pot.NOT_NOTED,
              Optional.empty());
      var into = new MoveMade.Into(Optional.empty(), Pot.NOT_NOTED);
      var move = new MoveMade(MOVED, sort, before, into, RootTally.EMPTY, false);
      var answers =
          answer
              .map(each -> new After.Answered(MOVED.plusDays(90), Purpose.ANCHORED, each))
              .map(List::of)
              .orElse(List.of());
      var after = new After(List.of(), answers, Optional.empty(), Optional.empty());
      moves.add(
          new ByKind.OfKind(
              kind,
              MoveTold.of(
                  new MoveRecord(move, after, Optional.empty()), MOVED.plusDays(400), FIGURES)));
    }
  }

  private void held(int times, Kind kind) {
    moved(times, kind, Sort.REPOT, Optional.of(CheckAnswer.AS_HOPED));
  }

  private void slow(int times, Kind kind) {
    moved(times, kind, Sort.REPOT, Optional.of(CheckAnswer.NOT_AS_HOPED));
  }

  private static double drawn(int well, int of, double from) {
    return (WEIGHT * from + well) / (WEIGHT + of);
  }

  @Test
  void aKindCountsFromItsRuleAndARuleFromAllMovesHere() {
    var nub = kindsOf(ReadyRule.NUB_ONLY).get(0);
    var any = kindsOf(ReadyRule.ANY_TIME).get(0);
    held(4, nub);
    slow(4, nub);
    held(6, any);
    var rules = ByKind.of(moves, FIGURES);
    double all = drawn(10, 14, ANY);
    double ofNub = drawn(4, 8, all);
    assertThat(rules).extracting(each -> each.rule().chance().of()).containsExactly(8, 6);
    assertThat(rules.get(0).rule().words()).isEqualTo(ReadyRule.NUB_ONLY.words());
    assertThat(rules.get(0).rule().chance().assumed()).isCloseTo(all, within(1e-9));
    assertThat(rules.get(0).rule().chance().likely()).isCloseTo(ofNub, within(1e-9));
    var kind = rules.get(0).kinds().get(0);
    assertThat(kind.words()).isEqualTo(nub.name());
    assertThat(kind.chance().assumed()).isCloseTo(ofNub, within(1e-9));
    assertThat(kind.chance().likely()).isCloseTo(drawn(4, 8, ofNub), within(1e-9));
    assertThat(rules.get(1).rule().chance().likely()).isCloseTo(drawn(6, 6, all), within(1e-9));
  }

  @Test
  void fewMovesOfAKindAreNamedUnderNoNameOfTheirOwn() {
    var kinds = kindsOf(ReadyRule.NUB_ONLY);
    held(5, kinds.get(0));
    slow(4, kinds.get(1));
    var rules = ByKind.of(moves, FIGURES);
    assertThat(rules).hasSize(1);
    assertThat(rules.get(0).rule().chance().of()).isEqualTo(9);
    assertThat(rules.get(0).kinds())
        .extracting(Lessons.Line::words)
        .containsExactly(kinds.get(0).name());
  }

  /** Three lost plants of a kind say little where forty others of its rule took hold. */
  @Test
  void threePlantsNeverShout() {
    var kinds = kindsOf(ReadyRule.NUB_ONLY);
    held(40, kinds.get(0));
    slow(5, kinds.get(1));
    var line =
        ByKind.of(moves, FIGURES).get(0).kinds().stream()
            .filter(each -> each.words().equals(kinds.get(1).name()))
            .findFirst()
            .orElseThrow();
    assertThat(line.chance().well()).isZero();
    assertThat(line.chance().likely()).isGreaterThan(0.3);
  }

  @Test
  void onlyOpenedMovesThatTellAreCounted() {
    var kind = kindsOf(ReadyRule.NUB_ONLY).get(0);
    held(5, kind);
    moved(3, kind, Sort.SHIFT, Optional.of(CheckAnswer.AS_HOPED));
    moved(3, kind, Sort.LIFT, Optional.of(CheckAnswer.AS_HOPED));
    moved(3, kind, Sort.REPOT, Optional.empty());
    assertThat(ByKind.of(moves, FIGURES).get(0).rule().chance().of()).isEqualTo(5);
    assertThat(ByKind.of(List.of(), FIGURES)).isEmpty();
  }
}
