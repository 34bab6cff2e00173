package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Tag;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.roots.RootStage;
import almanac.core.words.Sentence;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The reasons that carried a verdict come first, and what stands in lists is the first of them. */
class FirstReasonsTest {

  private static List<Basis> carried(Judgement judged) {
    return judged.weighed().carried().stream().map(Reason::basis).toList();
  }

  @Test
  void whatIsLetGoIsLetGoForItsWiltAndNotForItsMedium() {
    var judged = PlantAtHand.of("oncidium").potted(40).saw(Items.ROT, Rot.WILT_THROUGH).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.LET_GO);
    assertThat(carried(judged)).first().isEqualTo(Basis.Bare.GIVEN_UP);
    assertThat(judged.weighed().carried().get(0).sentence().toString())
        .startsWith("The ring goes right");
  }

  @Test
  void whatIsMovedIsMovedForItsNeedsAtItsMoment() {
    var judged =
        PlantAtHand.of("oncidium")
            .potted(26)
            .saw(Items.NEW_ROOTS, RootStage.NUB)
            .saw(Items.ROOTS_IN_POT, RootsInPot.MIXED)
            .judged();
    assertThat(carried(judged)).hasSize(2).startsWith(NeedFigures.MEDIUM_GONE);
    assertThat(judged.weighed().carried().get(1).scale()).isEqualTo(Scale.READINESS);
  }

  @Test
  void whatIsLiftedIsLiftedForItsSuspicion() {
    var judged =
        PlantAtHand.of("oncidium").potted(6).saw(Items.STABILITY, Stability.LOOSE).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.LIFT_AND_LOOK);
    assertThat(carried(judged)).containsExactly(NeedFigures.LOOSE);
  }

  @Test
  void neverMoreThanTwo() {
    var tried = new Tried();
    for (var generated : Generated.plants()) {
      var judged = generated.plant().judged();
      assertThat(judged.weighed().carried()).hasSizeLessThanOrEqualTo(2);
      assertThat(judged.weighed().reasons()).containsAll(judged.weighed().carried());
      tried.on(generated.plant().situation());
    }
    tried.everywhere();
  }

  @Test
  void aMissingTagIsSaidWhateverTheVerdict() {
    var plant = PlantAtHand.of("oncidium").potted(6);
    assertThat(plant.judged().besides().remarks()).isEmpty();
    var judged = plant.saw(Items.TAG, Tag.MISSING).judged();
    assertThat(judged.verdict()).isEqualTo(Verdict.LEAVE);
    assertThat(judged.besides().remarks())
        .extracting(Sentence::toString)
        .containsExactly("Its tag is missing: write a new one while you know which plant it is");
  }
}
