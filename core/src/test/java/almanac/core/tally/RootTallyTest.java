package almanac.core.tally;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a tally at the bench comes to. */
class RootTallyTest {
  private static final Figures FIGURES = Figures.standard();

  private static RootTally tally(int kept, int tipBroken, int cutBack) {
    return RootTally.EMPTY
        .and(RootFate.FIRM_KEPT, kept)
        .and(RootFate.TIP_BROKEN, tipBroken)
        .and(RootFate.CUT_BACK, cutBack);
  }

  @ParameterizedTest(name = "{0} kept, {1} tips broken, {2} cut back: {3}")
  @CsvSource({
    "20, 0, 0, LIGHT",
    "86, 10, 4, LIGHT",
    "85, 15, 0, MODERATE",
    "60, 20, 20, MODERATE",
    "59, 41, 0, HEAVY",
    "30, 0, 70, HEAVY",
    "29, 71, 0, SEVERE",
    "3, 0, 0, LIGHT",
    "2, 0, 0, SEVERE",
    "1, 1, 0, SEVERE"
  })
  void theClassFollowsTheLiveRootLost(int kept, int tipBroken, int cutBack, LossClass expected) {
    assertThat(tally(kept, tipBroken, cutBack).loss(FIGURES)).isEqualTo(expected);
  }

  @Test
  void deadRootsAreNoLossOfLiveOnes() {
    var tally = tally(10, 0, 0).and(RootFate.SOFT, 25).and(RootFate.HOLLOW, 5);
    assertThat(tally.liveLost()).hasValue(0);
    assertThat(tally.dead()).hasValue(0.75);
    assertThat(tally.loss(FIGURES)).isEqualTo(LossClass.LIGHT);
    assertThat(tally.nursed(FIGURES)).as("half of them dead").isTrue();
    assertThat(tally(10, 0, 0).nursed(FIGURES)).isFalse();
  }

  @Test
  void manyDeadRootsAreNursedLikeManyBrokenOnes() {
    var rotten = tally(4, 0, 0).and(RootFate.SOFT, 11);
    assertThat(rotten.nursed(FIGURES)).as("11 of 15 rotten").isTrue();
    assertThat(Aftermath.of(rotten, true, FIGURES))
        .extracting(Object::toString)
        .anyMatch(said -> said.startsWith("Shade and moist air"))
        .anyMatch(said -> said.contains("cut the spike"));
    assertThat(tally(5, 0, 0).and(RootFate.SOFT, 5).nursed(FIGURES)).as("just half").isFalse();
    assertThat(tally(50, 50, 0).nursed(FIGURES)).as("heavy").isTrue();
    assertThat(RootTally.EMPTY.nursed(FIGURES)).as("nobody counted").isFalse();
  }

  @Test
  void newTipsCountForThemselves() {
    var tally = tally(8, 0, 0).and(RootFate.NEW_KEPT, 5).and(RootFate.NEW_BROKEN, 1);
    assertThat(tally.newTipsLost().orElseThrow()).isCloseTo(1 / 6.0, within(1e-9));
    assertThat(tally.left()).isEqualTo(13);
    assertThat(RootTally.EMPTY.and(RootFate.NEW_KEPT, 3).loss(FIGURES)).isEqualTo(LossClass.LIGHT);
    assertThat(RootTally.EMPTY.liveLost()).isEmpty();
  }

  @Test
  void aMassOfFineRootsIsJudgedByThirds() {
    var tally = RootTally.EMPTY.andAbout(60, RootFate.TIP_BROKEN, 1, RootFate.FIRM_KEPT);
    assertThat(tally.counts())
        .containsExactly(Map.entry(RootFate.FIRM_KEPT, 40), Map.entry(RootFate.TIP_BROKEN, 20));
    assertThat(tally.byEye()).isTrue();
    assertThat(tally.and(RootFate.SOFT, 1).byEye()).isTrue();
  }

  @Test
  void whatIsLostTurnsIntoWhatIsDone() {
    var heavy = tally(50, 50, 0);
    assertThat(Aftermath.of(heavy, true, FIGURES))
        .extracting(Object::toString)
        .containsExactly(
            "The pot follows the roots, not the leaves: no larger than the old one, or smaller.",
            "No feed for 28 days.",
            "Shade and moist air; look at it every 7 days for 42 days.",
            "If its leaves wrinkle while the spike is on, cut the spike.");
    assertThat(Aftermath.of(tally(20, 1, 0), true, FIGURES))
        .extracting(Object::toString)
        .containsExactly("No feed for 7 days.");
    assertThat(Aftermath.of(RootTally.EMPTY.and(RootFate.SOFT, 9), false, FIGURES).get(0))
        .hasToString(
            "No live root is left: a firm bulb with an eye is the last chance; without one, let it"
                + " go.");
    assertThat(Aftermath.of(RootTally.EMPTY, true, FIGURES)).isEmpty();
  }

  @Test
  void theCollectorsOwnFiguresHold() {
    var strict = FIGURES.with(TallyFigures.LIGHT_BELOW, 3);
    assertThat(tally(95, 5, 0).loss(FIGURES)).isEqualTo(LossClass.LIGHT);
    assertThat(tally(95, 5, 0).loss(strict)).isEqualTo(LossClass.MODERATE);
  }

  /** A root lost more is never a milder class, and shares stay shares. */
  @Test
  void moreLossIsNeverMilder() {
    var random = new Random(12);
    int worse = 0;
    for (int i = 0; i < 5000; i++) {
      var counts = new EnumMap<RootFate, Integer>(RootFate.class);
      for (var fate : RootFate.values()) {
        counts.put(fate, random.nextInt(12));
      }
      counts.merge(RootFate.FIRM_KEPT, 1, Integer::sum);
      var before = new RootTally(counts, false);
      counts.merge(RootFate.FIRM_KEPT, -1, Integer::sum);
      counts.merge(RootFate.TIP_BROKEN, 1, Integer::sum);
      var after = new RootTally(counts, false);
      assertThat(after.loss(FIGURES)).isGreaterThanOrEqualTo(before.loss(FIGURES));
      assertThat(after.liveLost().orElseThrow()).isBetween(0.0, 1.0);
      worse += after.loss(FIGURES) == before.loss(FIGURES) ? 0 : 1;
    }
    assertThat(worse).as("how often the class changed").isGreaterThan(200);
  }

  @Test
  void whatNobodyCanCountIsRefused() {
    assertThatThrownBy(() -> new RootTally(Map.of(RootFate.SOFT, -1), false))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> assertThat(refused.field().key()).isEqualTo("tally.counts.SOFT"));
    assertThatThrownBy(() -> tally(999, 0, 0).and(RootFate.FIRM_KEPT, 1))
        .hasMessage("Count from 0 to 999 roots of one fate.");
  }
}
