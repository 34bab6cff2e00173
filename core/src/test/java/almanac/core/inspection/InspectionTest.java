package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InspectionTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 15);
  private static final Figures FIGURES = Figures.standard();

  @Test
  void notLookedAtAndNothingThereAreTwoThings() {
    var inspection = Inspection.on(DAY).with(Items.PESTS, Items.PESTS.saw(Pests.NONE));
    assertThat(inspection.look(Items.PESTS).seen()).isPresent();
    assertThat(inspection.look(Items.PESTS).saw(Pests.NONE)).isTrue();
    assertThat(inspection.look(Items.ROT).seen()).isEmpty();
    assertThat(inspection.look(Items.ROT).saw(Rot.NONE)).isFalse();
  }

  @Test
  void itIsSaidInLookingOrderHoweverItWasTapped() {
    var tapped =
        Inspection.on(DAY)
            .with(Items.PESTS, Items.PESTS.found(List.of("SCALE", "MITES"), null, FIGURES))
            .with(Items.NEW_ROOTS, Lead.B, Items.NEW_ROOTS.saw(RootStage.NUB))
            .with(Items.NEW_ROOTS, Items.NEW_ROOTS.found(List.of("NUB"), 6.0, FIGURES))
            .with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM));
    assertThat(tapped.said().orElseThrow())
        .hasToString(
            "Leaves: firm; Newest roots: nubs, 6 mm; Newest roots, lead B: nubs;"
                + " Pests: mites, scale");
    assertThat(tapped.findings().keySet())
        .extracting(LookSpot::key)
        .containsExactly("pests", "newRoots/B", "newRoots", "leaves");
  }

  @Test
  void anotherAnswerTakesThePlaceOfTheFirst() {
    var twice =
        Inspection.on(DAY)
            .with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM))
            .with(Items.LEAVES, Items.LEAVES.saw(Leaves.LIMP));
    assertThat(twice.look(Items.LEAVES).answer()).contains(Leaves.LIMP);
    assertThat(twice.findings()).hasSize(1);
  }

  @Test
  void aLookTakenAwayWasNeverMade() {
    var leaves = Inspection.on(DAY).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM));
    var both = leaves.with(Items.PESTS, Items.PESTS.saw(Pests.NONE));
    assertThat(both.without(LookSpot.of(Items.PESTS)).findings()).isEqualTo(leaves.findings());
    assertThat(leaves.without(LookSpot.of(Items.PESTS))).isSameAs(leaves);
    assertThat(leaves.without(LookSpot.of(Items.LEAVES)).empty()).isTrue();
    assertThat(both.findings()).as("the first is as it was").hasSize(2);
  }

  @Test
  void whatWasKeptIsWhatWasSeen() {
    var seen =
        Inspection.on(DAY)
            .with(Items.NEW_ROOTS, Lead.C, Items.NEW_ROOTS.found(List.of(), 31.0, FIGURES))
            .with(Items.SMELL, Items.SMELL.saw(Smell.SOUR));
    Map<LookSpot, Finding<?>> kept = new HashMap<>();
    seen.findings()
        .forEach(
            (spot, finding) ->
                kept.put(
                    LookSpot.named(spot.key()).orElseThrow(),
                    spot.item()
                        .kept(
                            finding.answers().stream()
                                .map(each -> ((Enum<?>) each).name())
                                .toList(),
                            finding.measured().isPresent()
                                ? finding.measured().getAsDouble()
                                : null)));
    var read = Inspection.kept(DAY, kept);
    assertThat(read.findings()).isEqualTo(seen.findings());
    assertThat(read.items()).isEqualTo(seen.items());
    kept.clear();
    assertThat(read.findings()).as("nobody can change it afterwards").hasSize(2);
  }

  @Test
  void everySpotIsFoundByItsKeyAndByNoOther() {
    var keys = new HashSet<String>();
    for (var item : Items.inLookingOrder()) {
      for (var lead : Lead.values()) {
        if (lead == Lead.FIRST || item.ofALead()) {
          var spot = new LookSpot(item, lead);
          assertThat(LookSpot.named(spot.key())).contains(spot);
          assertThat(keys.add(spot.key())).as("two spots are called %s", spot).isTrue();
        }
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "mood", "newRoots/", "newRoots/A", "newRoots/Z", "smell/B", "/B"})
  void whatIsNoSpotHasNoKey(String key) {
    assertThat(LookSpot.named(key)).isEmpty();
  }

  @Test
  void theShortLookAndTheFirstLookAskForNothingTwice() {
    for (var items : List.of(ShortLook.items(), FirstLook.items())) {
      assertThat(items).doesNotHaveDuplicates();
      assertThat(items).isSubsetOf(Items.inLookingOrder());
    }
    assertThat(ShortLook.items()).contains(Items.NEW_ROOTS, Items.BLOOM, Items.STABILITY);
    assertThat(FirstLook.items()).contains(Items.PESTS, Items.ROT, Items.WETNESS, Items.NEW_ROOTS);
  }

  @Test
  void everyAnswerIsSaidInWordsOfItsOwn() {
    for (var item : Items.inLookingOrder()) {
      assertThat(item.answers().stream().map(each -> ((almanac.core.words.Answer) each).words()))
          .as(item.key())
          .doesNotHaveDuplicates()
          .noneMatch(String::isBlank);
    }
    assertThat(Arrays.stream(Section.values()).map(Section::title)).doesNotHaveDuplicates();
  }
}
