package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Breakage;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.roots.RootStage;
import almanac.core.words.Sentence;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StillBrokenTest {
  private static PlantAtHand broken(String kind, Breakage what) {
    return PlantAtHand.of(kind).potted(10).daysAgo(5).saw(Items.BREAKAGE, what).daysAgo(0);
  }

  private static List<String> first(PlantAtHand plant) {
    return plant.judged().found().first().stream().map(Sentence::toString).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "LEAD_SNAPPED | A growth is snapped off, seen 2027-05-10: no root work until an eye swells.",
        "ONLY_LEAD_SNAPPED | Its only growth is snapped off, seen 2027-05-10: an eye that swells is its chance.",
        "PARTED | Its rhizome has parted, seen 2027-05-10: it is two plants already.",
        "TIPS_CHEWED | Root tips are chewed, seen 2027-05-10: something lives in the pot.",
        "ALL_TIPS | All new root tips are broken, seen 2027-05-10: it waits for its next roots.",
        "SOME_TIPS | Some new root tips are broken, seen 2027-05-10: the others decide.",
        "BULB_LOOSE | A bulb is loose on its rhizome, seen 2027-05-10: it comes off at the next move.",
        "LONG_ROOT | A long root broke, seen 2027-05-10: side roots in three to five weeks."
      })
  void whatBrokeIsSaidFirst(Breakage what, String words) {
    assertThat(first(broken("oncidium", what))).containsExactly(words);
  }

  @Test
  void untilItIsSettled() {
    assertThat(
            first(
                broken("oncidium", Breakage.LEAD_SNAPPED).saw(Items.GROWTH, GrowthStage.STARTING)))
        .isEmpty();
    assertThat(first(broken("oncidium", Breakage.ALL_TIPS).saw(Items.NEW_ROOTS, RootStage.NUB)))
        .isEmpty();
    assertThat(first(broken("oncidium", Breakage.ALL_TIPS).saw(Items.NEW_ROOTS, RootStage.NONE)))
        .hasSize(1);
    assertThat(first(broken("oncidium", Breakage.LEAF_OR_SPIKE))).isEmpty();
    assertThat(first(broken("paphiopedilum", Breakage.LONG_ROOT))).isEmpty();
  }
}
