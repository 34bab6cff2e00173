package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.verdict.Asks;
import almanac.core.pot.Pot;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.taught.MoveMade.Sort;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TipsHereTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MOVED = LocalDate.of(2026, 6, 3);
  private static final int RUNS = 1500;

  private static MoveTold move(Sort sort, int broken, int kept, Double foretold) {
    var before =
        new MoveMade.Before(
            Optional.empty(),
            false,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Pot.NOT_NOTED,
            Optional.of(
                new SlipThen(Asks.MOVE, Approach.HOUSE_RULES, Optional.ofNullable(foretold), 16)));
    var tally = RootTally.EMPTY.and(RootFate.NEW_BROKEN, broken).and(RootFate.NEW_KEPT, kept);
    var made =
        new MoveMade(
            MOVED, sort, before, new MoveMade.Into(Optional.empty(), Pot.NOT_NOTED), tally, false);
    var after = new After(List.of(), List.of(), Optional.empty(), Optional.empty());
    return MoveTold.of(new MoveRecord(made, after, Optional.empty()), MOVED.plusDays(400), FIGURES);
  }

  /** Moves of ten tips, of which each breaks as often as its day has it. */
  private static List<MoveTold> moves(int n, double truth, double swing, Random random) {
    return IntStream.range(0, n)
        .mapToObj(
            i -> {
              double foretold = 0.2 + 0.1 * random.nextInt(4);
              double day = foretold + truth + (random.nextDouble() - 0.5) * 2 * swing;
              int broken = (int) random.doubles(10).filter(each -> each < day).count();
              return move(Sort.REPOT, broken, 10 - broken, foretold);
            })
        .toList();
  }

  private static TipsHere all(List<MoveTold> moves) {
    return TipsHere.of(moves, FIGURES).get(0);
  }

  @Test
  void whatWasCountedIsHeldAgainstWhatWasForetoldForTheSameMoves() {
    var lines =
        TipsHere.of(
            List.of(
                move(Sort.REPOT, 2, 8, 0.3),
                move(Sort.REPOT, 4, 6, 0.3),
                move(Sort.SHIFT, 0, 10, 0.0),
                move(Sort.REPOT, 5, 5, null),
                move(Sort.REPOT, 0, 0, 0.9)),
            FIGURES);
    assertThat(lines).extracting(TipsHere::moves).containsExactly(3, 1, 2);
    assertThat(lines.get(0).words()).isEqualTo("All together");
    assertThat(lines.get(0).likely()).isCloseTo(20, within(1e-9));
    assertThat(lines.get(0).foretold()).isCloseTo(20, within(1e-9));
    assertThat(lines.get(2).likely()).isCloseTo(30, within(1e-9));
    assertThat(lines).extracting(TipsHere::against).containsOnly(Chance.Against.FEW);
  }

  @Test
  void whereNobodyCountedNothingIsSaid() {
    assertThat(TipsHere.of(List.of(), FIGURES)).isEmpty();
    assertThat(TipsHere.of(List.of(move(Sort.REPOT, 0, 0, 0.3)), FIGURES)).isEmpty();
    assertThat(TipsHere.of(List.of(move(Sort.REPOT, 1, 3, 0.3)), FIGURES)).hasSize(1);
  }

  @Test
  void theTruthLiesInsideInNineCasesOfTen() {
    var random = new Random(7);
    for (int n : new int[] {10, 25}) {
      int inside = 0;
      for (int i = 0; i < RUNS; i++) {
        double truth = (i % 5 - 2) * 0.05;
        var moves = moves(n, truth, 0.1, random);
        var line = all(moves);
        double foretold = line.foretold() / 100;
        inside +=
            line.low() <= (foretold + truth) * 100 && (foretold + truth) * 100 <= line.high()
                ? 1
                : 0;
      }
      assertThat(inside / (double) RUNS).as("%d moves", n).isBetween(0.85, 0.96);
    }
  }

  @Test
  void whatIsForetoldRightlyIsSeldomCalledWrongAndWhatIsFarOffMostlyIs() {
    var random = new Random(11);
    int wrongly = 0;
    int more = 0;
    int fewer = 0;
    for (int i = 0; i < RUNS; i++) {
      wrongly += all(moves(40, 0, 0.1, random)).against().clear() ? 1 : 0;
      more += all(moves(40, 0.15, 0.1, random)).says().equals("more than assumed") ? 1 : 0;
      fewer += all(moves(40, -0.15, 0.05, random)).says().equals("fewer than assumed") ? 1 : 0;
    }
    assertThat(wrongly / (double) RUNS).isBetween(0.001, 0.08);
    assertThat(more / (double) RUNS).isGreaterThan(0.8);
    assertThat(fewer / (double) RUNS).isGreaterThan(0.8);
  }

  @Test
  void aFewTipsThatAllHeldDoNotMakeSure() {
    var moves = new ArrayList<MoveTold>();
    for (int i = 0; i < 6; i++) {
      moves.add(move(Sort.REPOT, 0, 2, 0.05));
    }
    var line = all(moves);
    assertThat(line.high()).isGreaterThan(5);
    assertThat(line.low()).isZero();
    assertThat(line.against().clear()).isFalse();
  }
}
