package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootFigures;
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

  private static void holds(Item<?> item, String answer, double measured) {
    assertThat(item.found(answers(answer), measured, Figures.standard()).measured())
        .hasValue(measured);
  }

  private static void clashes(Item<?> item, String answer, double measured) {
    assertThatThrownBy(() -> item.found(answers(answer), measured, Figures.standard()))
        .isInstanceOf(Refused.class);
  }

  private static void follows(Item<?> item, double measured, Enum<?> answer) {
    assertThat(item.found(List.of(), measured, Figures.standard()).answers().iterator().next())
        .isEqualTo(answer);
  }

  private static List<String> answers(String answer) {
    return answer.isEmpty() ? List.of() : List.of(answer);
  }

  @Test
  void anAnswerAndItsMeasureAreBothRightOrRefused() {
    follows(Items.RIM, -1, Rim.OVER);
    follows(Items.RIM, 0, Rim.ROOM);
    holds(Items.RIM, "OVER", 0);
    holds(Items.RIM, "ROOM", 0);
    clashes(Items.RIM, "OVER", 1);
    clashes(Items.RIM, "JAMMED", -1);
    holds(Items.RIM, "OVER", -1);
    holds(Items.RIM, "UNDER_A_SEASON", 1);

    follows(Items.LEVEL, 10, SurfaceLevel.RISEN);
    holds(Items.LEVEL, "RISEN", 10);
    clashes(Items.LEVEL, "SUNKEN", 10);

    holds(Items.BLOOM, "NONE", 0);
    holds(Items.BLOOM, "SPIKE", 2);
    clashes(Items.BLOOM, "NONE", 1);
    clashes(Items.BLOOM, "", 1);

    double few = Figures.standard().of(RootFigures.FEW_DEAD);
    double mostly = Figures.standard().of(RootFigures.MOSTLY_DEAD);
    follows(Items.ROOTS_IN_POT, few, RootsInPot.FIRM);
    follows(Items.ROOTS_IN_POT, few + 1, RootsInPot.MIXED);
    follows(Items.ROOTS_IN_POT, mostly, RootsInPot.MIXED);
    follows(Items.ROOTS_IN_POT, mostly + 1, RootsInPot.MOSTLY_SOFT);
    holds(Items.ROOTS_IN_POT, "DARK_FIRM", few);
    clashes(Items.ROOTS_IN_POT, "DARK_FIRM", few + 1);
    holds(Items.ROOTS_IN_POT, "DRIED_SOME", mostly);
    clashes(Items.ROOTS_IN_POT, "MIXED", mostly + 1);
    holds(Items.ROOTS_IN_POT, "MOSTLY_SOFT", mostly + 1);
    clashes(Items.ROOTS_IN_POT, "MOSTLY_SOFT", mostly);
    clashes(Items.ROOTS_IN_POT, "NONE", 0);
  }

  @Test
  void everyMeasureHasItsBoundsAndSaysThem() {
    for (var item : Items.inLookingOrder()) {
      item.measurement()
          .ifPresent(
              measurement -> {
                for (var bad :
                    new double[] {measurement.least() - 1, measurement.most() + 1, Double.NaN}) {
                  assertThatThrownBy(() -> item.found(List.of(), bad, Figures.standard()))
                      .as("%s of %s", item, bad)
                      .isInstanceOf(Refused.class)
                      .hasMessageContaining(measurement.rangeInWords());
                }
                assertThat(measurement.rangeInWords()).isNotBlank();
              });
    }
    assertThatThrownBy(() -> Items.LEAVES.found(List.of(), 3.0, Figures.standard()))
        .hasMessageContaining("is not measured");
  }

  @Test
  void onlyWhatTakesSeveralAnswersMayHaveThem() {
    int several = 0;
    for (var item : Items.inLookingOrder()) {
      var names =
          item.answers().stream()
              .map(each -> ((Enum<?>) each).name())
              .filter(name -> !name.equals("NONE"))
              .limit(2)
              .toList();
      if (names.size() < 2) {
        continue;
      }
      if (item.takesSeveral()) {
        several++;
        assertThat(item.found(names, null, Figures.standard()).answers()).hasSize(2);
      } else {
        assertThatThrownBy(() -> item.found(names, null, Figures.standard()))
            .as("%s", item)
            .hasMessageContaining("only one answer");
      }
    }
    assertThat(several).isGreaterThan(5);
  }
}
