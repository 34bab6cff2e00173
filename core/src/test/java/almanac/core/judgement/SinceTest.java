package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.judgement.compare.Promised;
import almanac.core.judgement.compare.Since;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SinceTest {
  private static final int LATER = 8;
  private static final int LONG_LATER = 60;
  private static final int STEP = 6;
  private static final Judge JUDGE = new Judge(Figures.standard());

  private static Optional<LocalDate> since(PlantAtHand plant) {
    return Since.of(JUDGE, plant.situation(), plant.judged());
  }

  @Test
  void itIsTheDayOfTheLookThatBroughtItAbout() {
    var soft =
        PlantAtHand.of("oncidium")
            .potted(10)
            .daysAgo(30)
            .saw(Items.ROOTS_IN_POT, RootsInPot.FIRM)
            .daysAgo(9)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT)
            .daysAgo(2)
            .saw(Items.STABILITY, Stability.FIRM);
    assertThat(since(soft)).contains(MAY.minusDays(9));
    assertThat(since(PlantAtHand.of("oncidium").potted(3))).isEmpty();
  }

  @Test
  void whatWasAskedForBeforeTheLastPottingIsSettled() {
    var again =
        PlantAtHand.of("oncidium")
            .potted(10)
            .daysAgo(9)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT)
            .pottedOn(MAY.minusDays(5))
            .daysAgo(1)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(since(again)).contains(MAY.minusDays(1));
  }

  /** The same looks, asked on any later day, give the same since, or another verdict. */
  @Test
  void passingTimeMovesNeitherSinceNorBy() {
    int held = 0;
    int lifted = 0;
    for (var generated : Generated.plants()) {
      var now = generated.plant().situation();
      var judged = JUDGE.judge(now);
      if (!judged.verdict().inHand()) {
        continue;
      }
      var since = Since.of(JUDGE, now, judged);
      for (int days = 1; days <= LATER; days++) {
        var later = PlantAtHand.on(now, now.today().plusDays(days));
        var then = JUDGE.judge(later);
        if (then.verdict() != judged.verdict()) {
          break;
        }
        if (judged.verdict() == Verdict.LIFT_AND_LOOK) {
          assertThat(then.timing()).isEqualTo(judged.timing());
          lifted++;
        }
        if (days == LATER) {
          assertThat(Since.of(JUDGE, later, then))
              .as("%s on %s", generated.kind(), generated.today())
              .isEqualTo(since);
          held++;
        }
      }
    }
    assertThat(held).isGreaterThan(100);
    assertThat(lifted).isGreaterThan(10);
  }

  /** What a move is asked for by stands for two months, unless a day between asks for none. */
  @Test
  void theLastDayOfAMoveStandsWhenItHasPassed() {
    int stood = 0;
    int passed = 0;
    for (var generated : Generated.plants()) {
      var now = generated.plant().situation();
      var judged = Promised.of(JUDGE, now);
      var by = judged.timing().lastDay();
      if (!judged.verdict().asksAs(Verdict.FULL_REPOT)) {
        continue;
      }
      for (int days = STEP; days <= LONG_LATER; days += STEP) {
        var later = PlantAtHand.on(now, now.today().plusDays(days));
        var then = Promised.of(JUDGE, later);
        if (!then.verdict().asksAs(judged.verdict())) {
          break;
        }
        assertThat(then.timing().lastDay())
            .as("%s on %s, %d days later", generated.kind(), generated.today(), days)
            .isEqualTo(by);
        stood++;
        passed += by.filter(day -> day.isBefore(later.today())).isPresent() ? 1 : 0;
      }
    }
    assertThat(stood).as("days on which it stood").isGreaterThan(200);
    assertThat(passed).as("of them after it had passed").isGreaterThan(40);
  }

  @Test
  void whatShouldHaveBeenLiftedSaysSo() {
    var loose =
        PlantAtHand.of("oncidium").potted(6).daysAgo(20).saw(Items.STABILITY, Stability.LOOSE);
    assertThat(loose.judged().timing()).isEqualTo(new Timing.Until(MAY.minusDays(6)));
    assertThat(loose.judged().advice().toString()).startsWith("It should have been tipped out by");
    assertThat(since(loose)).contains(MAY.minusDays(20));
    assertThat(loose.saw(Items.NEW_ROOTS, RootStage.NONE).judged().verdict())
        .isEqualTo(Verdict.LIFT_AND_LOOK);
  }
}
