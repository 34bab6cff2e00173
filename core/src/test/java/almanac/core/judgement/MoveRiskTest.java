package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.judgement.risk.Broken;
import almanac.core.judgement.risk.MoveRisk;
import almanac.core.judgement.verdict.Risks;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a move would break, what of it is lost, and what lowers it. */
class MoveRiskTest {

  /** In need of a full repot, with nothing said of its roots. */
  private static PlantAtHand spent(String kind, Component medium) {
    return PlantAtHand.of(kind)
        .potted(50, Mix.of(medium))
        .saw(Items.SMELL, Smell.SOUR)
        .saw(Items.ROOTS_IN_POT, RootsInPot.FIRM)
        .saw(Items.RIM, Rim.OVER);
  }

  private static Optional<MoveRisk> meant(PlantAtHand plant) {
    return Risks.of(plant.situation(), plant.judged(), Figures.standard());
  }

  private static MoveRisk risk(PlantAtHand plant) {
    return meant(plant).orElseThrow();
  }

  @ParameterizedTest(name = "{0} in {1} at {2}: {3} of the tips, {4} lost")
  @CsvSource({
    "oncidium, BARK_MEDIUM, NUB, 0.075, 0",
    "oncidium, BARK_MEDIUM, SHORT, 0.25, 0.25",
    "oncidium, BARK_MEDIUM, MID, 0.25, 0.25",
    "oncidium, BARK_MEDIUM, LONG, 0.325, 0",
    "paphiopedilum, BARK_FINE, LONG, 0.325, 0.325",
    "oncidium, SPHAGNUM_BEST, SHORT, 0.15, 0.15",
    "oncidium, PUMICE, SHORT, 0.15, 0.15",
    "oncidium, BARK_MEDIUM, ANCHORED, 0, 0"
  })
  void theShareFollowsMediumAndStage(
      String kind, Component medium, RootStage stage, double tips, double lost) {
    var today = risk(spent(kind, medium).saw(Items.NEW_ROOTS, stage)).today().orElseThrow();
    assertThat(today.tips()).isCloseTo(tips, within(1e-9));
    assertThat(today.lost()).isCloseTo(lost, within(1e-9));
  }

  @Test
  void aWholeBallHardlyLosesATip() {
    var risk =
        risk(
            PlantAtHand.of("oncidium")
                .potted(12, Mix.of(Component.PUMICE))
                .saw(Items.RIM, Rim.OVER)
                .saw(Items.NEW_ROOTS, RootStage.SHORT));
    assertThat(risk.today()).contains(new Broken(0.02, 0.02));
    assertThat(risk.words()).hasToString("Moved now, hardly one of its new tips would break.");
  }

  @Test
  void rootsOnTheWallCostMoreAndWhatHelpsIsNamed() {
    var risk =
        risk(
            spent("oncidium", Component.PUMICE)
                .saw(Items.CROWDING, RootsCrowding.CLINGING)
                .rootsOf(40));
    assertThat(risk.today().orElseThrow().tips()).isCloseTo(0.30, within(1e-9));
    assertThat(risk.lowered())
        .extracting(lowered -> lowered.by().toString())
        .startsWith("Soaked until the roots are supple", "With the pot cut or broken off");
    assertThat(risk.lowered())
        .filteredOn(lowered -> lowered.by().toString().startsWith("With the pot"))
        .singleElement()
        .satisfies(lowered -> assertThat(lowered.to().tips()).isCloseTo(0.20, within(1e-9)));
  }

  @Test
  void itIsSaidAsGrowersThinkIt() {
    var risk = risk(spent("oncidium", Component.PUMICE).rootsOf(40));
    assertThat(risk.words())
        .hasToString(
            "Moved now, about one of seven new tips would break and stop for good; by 2027-06-10 a"
                + " broken one would branch.");
    assertThat(risk.lowered())
        .extracting(lowered -> lowered.by().toString())
        .containsExactly("Left until 2027-06-12");
    var slipper = risk(spent("paphiopedilum", Component.BARK_FINE).rootsOf(40));
    assertThat(slipper.words())
        .hasToString("Moved now, about one of four new tips would break and stop for good.");
  }

  @Test
  void theWeeksShowWhenLittleIsLost() {
    var weeks = risk(spent("oncidium", Component.BARK_MEDIUM).rootsOf(6)).weeks();
    assertThat(weeks.get(0).broken().lost()).isZero();
    assertThat(weeks.get(2).broken().lost()).isEqualTo(0.25);
    assertThat(weeks.get(8).stage()).isEqualTo(RootStage.LONG);
    assertThat(weeks.get(8).broken().lost()).isZero();
  }

  @Test
  void whereNobodyHasSeenTheRootsNobodyKnows() {
    var risk = risk(spent("oncidium", Component.BARK_MEDIUM));
    assertThat(risk.today()).isEmpty();
    assertThat(risk.words().toString()).contains("nobody knows");
    assertThat(meant(PlantAtHand.of("oncidium").potted(3))).as("no move is meant").isEmpty();
  }
}
