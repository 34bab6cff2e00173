package almanac.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.PotType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How long a job is likely to take. */
class WorkMinutesTest {
  private static final Figures FIGURES = Figures.standard();

  private static PlantAtHand in(Component medium) {
    return PlantAtHand.of("oncidium").potted(20, Mix.of(medium));
  }

  private static double minutes(PlantAtHand plant, Verdict verdict, PotType pot, Step... steps) {
    return WorkMinutes.usual(Works.of(plant, verdict, pot, steps), FIGURES);
  }

  @ParameterizedTest
  @CsvSource({
    "MOVE_UP, KEEP_BALL, BARK_MEDIUM, 15",
    "PART_REPOT, BACK_OFF, BARK_MEDIUM, 35",
    "FULL_REPOT, MEDIUM_OFF, BARK_MEDIUM, 60",
    "FULL_REPOT, MEDIUM_OFF, SPHAGNUM_BEST, 30",
    "LIFT_AND_LOOK, MEDIUM_OFF, BARK_MEDIUM, 15",
    "LET_GO, MEDIUM_OFF, BARK_MEDIUM, 15",
    "RESCUE, MEDIUM_OFF, BARK_MEDIUM, 60",
    "DIVIDE, MEDIUM_OFF, BARK_MEDIUM, 85",
    "FULL_REPOT, PART, BARK_MEDIUM, 85",
    "DIVIDE, KEEP_BALL, BARK_MEDIUM, 40"
  })
  void asLongAsTheWorkAsksFor(Verdict verdict, Step step, Component medium, double minutes) {
    assertThat(minutes(in(medium), verdict, PotType.PLASTIC, step)).isEqualTo(minutes);
  }

  @Test
  void whatCirclesOrGripsTheWallIsFreedRootByRoot() {
    var circling = in(Component.BARK_MEDIUM).saw(Items.CROWDING, RootsCrowding.CIRCLING);
    assertThat(minutes(circling, Verdict.FULL_REPOT, PotType.CLAY, Step.MEDIUM_OFF)).isEqualTo(75);
    assertThat(minutes(circling, Verdict.MOVE_UP, PotType.CLAY, Step.KEEP_BALL)).isEqualTo(15);
    var crowded = in(Component.BARK_MEDIUM).saw(Items.CROWDING, RootsCrowding.CROWDED);
    assertThat(minutes(crowded, Verdict.FULL_REPOT, PotType.CLAY, Step.MEDIUM_OFF)).isEqualTo(60);
  }

  @ParameterizedTest
  @EnumSource(PotType.class)
  void potsThatBreakTakeLongerWhereRootsGripThem(PotType pot) {
    var clinging = in(Component.BARK_MEDIUM).saw(Items.CROWDING, RootsCrowding.CLINGING);
    boolean hard = pot == PotType.CLAY || pot == PotType.GLAZED;
    assertThat(minutes(clinging, Verdict.FULL_REPOT, pot, Step.MEDIUM_OFF))
        .isEqualTo(hard ? 90 : 75);
  }

  @Test
  void barkIsLeftDryForAWeekAndWhatGripsIsSoakedFromTheEveningBefore() {
    var bark =
        Works.of(in(Component.BARK_MEDIUM), Verdict.FULL_REPOT, PotType.CLAY, Step.MEDIUM_OFF);
    assertThat(beforehand(bark))
        .isEqualTo("Do not water it from 2027-05-08: bark falls away from dry roots.");
    var gripping =
        Works.of(
            in(Component.BARK_MEDIUM).saw(Items.CROWDING, RootsCrowding.CLINGING),
            Verdict.FULL_REPOT,
            PotType.CLAY,
            Step.MEDIUM_OFF);
    assertThat(beforehand(gripping))
        .isEqualTo("Soak it from the evening of 2027-05-14: its roots grip the pot.");
    var moss =
        Works.of(in(Component.SPHAGNUM_BEST), Verdict.FULL_REPOT, PotType.CLAY, Step.MEDIUM_OFF);
    assertThat(beforehand(moss)).startsWith("Soak it first thing on the day");
    var whole = Works.of(in(Component.BARK_MEDIUM), Verdict.MOVE_UP, PotType.CLAY, Step.KEEP_BALL);
    assertThat(Beforehand.of(whole, whole.on(), FIGURES)).isEmpty();
  }

  private static String beforehand(Work work) {
    return Beforehand.of(work, work.on(), FIGURES).orElseThrow().toString();
  }
}
