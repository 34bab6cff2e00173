package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Bubbles;
import almanac.core.inspection.GrowthTrend;
import almanac.core.inspection.Items;
import almanac.core.inspection.PotState;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.inspection.SurfaceRoots;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A plant with several needs is never judged more mildly than with fewer. */
@Tag("long")
class MoreNeedsLawTest {
  private static final Judge HOUSE = new Judge(Figures.standard());
  static final Map<String, UnaryOperator<PlantAtHand>> NEEDS = new LinkedHashMap<>();

  static {
    NEEDS.put("wobble", plant -> plant.saw(Items.STABILITY, Stability.SLIGHT_WOBBLE));
    NEEDS.put("loose", plant -> plant.saw(Items.STABILITY, Stability.LOOSE));
    NEEDS.put("sour", plant -> plant.saw(Items.SMELL, Smell.SOUR));
    NEEDS.put("mixed", plant -> plant.saw(Items.ROOTS_IN_POT, RootsInPot.MIXED));
    NEEDS.put("over the rim", plant -> plant.saw(Items.RIM, Rim.OVER));
    NEEDS.put("jammed", plant -> plant.saw(Items.RIM, Rim.JAMMED));
    NEEDS.put("in the air", plant -> plant.saw(Items.SURFACE_ROOTS, SurfaceRoots.IN_AIR));
    NEEDS.put("risen", plant -> plant.saw(Items.LEVEL, SurfaceLevel.RISEN));
    NEEDS.put("smaller twice", plant -> plant.saw(Items.GROWTH_TREND, GrowthTrend.SMALLER_TWICE));
    NEEDS.put("no bubbles", plant -> plant.saw(Items.BUBBLES, Bubbles.NONE));
    NEEDS.put("brittle", plant -> plant.saw(Items.POT, PotState.BRITTLE));
    NEEDS.put("weeds", plant -> plant.saw(Items.SURFACE, Surface.WEEDS));
    NEEDS.put("out of holes", plant -> plant.saw(Items.CROWDING, RootsCrowding.OUT_OF_HOLES));
    NEEDS.put("chewed", plant -> plant.saw(Items.BREAKAGE, Breakage.TIPS_CHEWED));
  }

  static Iterable<String> needs() {
    return NEEDS.keySet();
  }

  private static int gravity(Judgement judged) {
    return switch (judged.verdict()) {
      case LEAVE, WATCH, ADJUST_CARE -> 0;
      case LIFT_AND_LOOK, WAIT_FOR -> 1;
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE -> 2;
      case RESCUE -> 3;
      case LET_GO -> 4;
    };
  }

  /** Only what must leave its medium may have to wait where it would have been moved whole. */
  private static boolean waitsForItsMedium(Judgement fewer, Judgement more) {
    return fewer.method().intact()
        && !more.method().intact()
        && more.verdict().family() != Family.LEAVE_ALONE;
  }

  @ParameterizedTest
  @MethodSource("needs")
  void oneNeedMoreIsNeverMilder(String need) {
    var tried = new Tried();
    for (var generated : Generated.plants()) {
      Situation before = generated.plant().situation();
      Situation after = NEEDS.get(need).apply(generated.plant().daysAgo(0)).situation();
      var fewer = HOUSE.judge(before);
      var more = HOUSE.judge(after);
      if (more.need() <= fewer.need() || !onlyAdded(fewer, more)) {
        continue;
      }
      boolean lookedMeanwhile = need.equals("mixed") && fewer.verdict() == Verdict.LIFT_AND_LOOK;
      if (lookedMeanwhile) {
        continue;
      }
      boolean milder = gravity(more) < gravity(fewer) && !waitsForItsMedium(fewer, more);
      assertThat(milder)
          .as(
              "%s on %s, need %.0f to %.0f: %s, then %s",
              generated.kind(),
              generated.today(),
              fewer.need(),
              more.need(),
              fewer.verdict(),
              more.verdict())
          .isFalse();
      tried.on(after);
    }
    tried.theWholeYear();
    tried.atLeast(100);
  }

  /** The look replaced nothing that counted before. */
  private static boolean onlyAdded(Judgement fewer, Judgement more) {
    return fewer.weighed().reasons().stream()
        .filter(reason -> reason.points() > 0)
        .filter(reason -> reason.scale() == Scale.NEED || reason.scale() == Scale.LOSS)
        .allMatch(
            reason ->
                more.weighed().reasons().stream()
                    .anyMatch(
                        other ->
                            other.basis().equals(reason.basis())
                                && other.points() >= reason.points()));
  }

  @Test
  void aPhragmipediumOverTheRimThatWobblesIsStillMovedUp() {
    var over =
        PlantAtHand.of("phragmipedium")
            .potted(4, almanac.core.medium.Mix.of(almanac.core.medium.Component.PUMICE))
            .saw(Items.RIM, Rim.OVER);
    assertThat(over.judged().verdict()).isEqualTo(Verdict.MOVE_UP);
    over.saw(Items.STABILITY, Stability.SLIGHT_WOBBLE);
    assertThat(over.judged().verdict()).isEqualTo(Verdict.MOVE_UP);
  }
}
