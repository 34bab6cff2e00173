package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ItemTest {
  @Test
  void eachLeadHasRootsOfItsOwn() {
    var day = LocalDate.of(2027, 5, 15);
    var inspection =
        Inspection.on(day)
            .with(Items.NEW_ROOTS, Lead.B, Items.NEW_ROOTS.saw(RootStage.NUB))
            .with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(RootStage.ANCHORED));
    assertThat(inspection.look(Items.NEW_ROOTS, Lead.B).answer()).contains(RootStage.NUB);
    assertThat(inspection.look(Items.NEW_ROOTS).answer()).contains(RootStage.ANCHORED);
    assertThat(inspection.look(Items.NEW_ROOTS, Lead.C)).isInstanceOf(Look.NotLookedAt.class);
    assertThat(inspection.said().orElseThrow())
        .hasToString("Newest roots: in the medium; Newest roots, lead B: nubs");
  }

  @ParameterizedTest
  @CsvSource({"newRoots/B", "rim/F", "smell"})
  void aSpotIsFoundByItsKey(String key) {
    assertThat(LookSpot.named(key).map(LookSpot::key)).contains(key);
  }

  @ParameterizedTest
  @CsvSource({"newRoots/A", "newRoots/G", "smell/B", "newRoots/", "nothing", "''"})
  void whatIsNoSpotIsNotFound(String key) {
    assertThat(LookSpot.named(key)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"FIRM, 30", "MIXED, 80", "MOSTLY_SOFT, 20", "NONE, 50", ", 101", ", -1"})
  void aShareOfDeadRootsAgreesWithTheAnswer(String answer, double dead) {
    assertThatThrownBy(
            () ->
                Items.ROOTS_IN_POT.found(
                    answer == null ? List.of() : List.of(answer), dead, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> assertThat(named(refused.field())).isEqualTo("rootsInPot.measured"));
  }

  @ParameterizedTest
  @CsvSource({"5, FIRM", "30, MIXED", "51, MOSTLY_SOFT"})
  void aShareOfDeadRootsAloneSaysHowTheyAre(double dead, RootsInPot roots) {
    assertThat(Items.ROOTS_IN_POT.found(List.of(), dead, FIGURES).answer()).contains(roots);
  }

  @ParameterizedTest
  @CsvSource({"-0.1", "14.1", "NaN"})
  void aReadingOffTheScaleIsRefused(double ph) {
    assertThatThrownBy(() -> Items.SOAK_PH.found(List.of(), ph, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> assertThat(named(refused.field())).isEqualTo("soakPh.measured"));
  }

  private static final Figures FIGURES = Figures.standard();

  @ParameterizedTest
  @CsvSource({
    "NUB, 60, newRoots.measured",
    "NONE, 40, newRoots.measured",
    "ANCHORED, 5, newRoots.measured",
    ", -3, newRoots.measured",
    ", 0, newRoots.measured",
    ", 3001, newRoots.measured",
    ", NaN, newRoots.measured",
    "HUGE, , newRoots",
    ", , newRoots"
  })
  void whatCannotBeIsRefusedByItsField(String answer, Double mm, String field) {
    assertThatThrownBy(
            () -> Items.NEW_ROOTS.found(answer == null ? List.of() : List.of(answer), mm, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(named(refused.field())).isEqualTo(field));
  }

  @Test
  void aSmellIsNotMeasuredAndSpikesAreCounted() {
    assertThatThrownBy(() -> Items.SMELL.found(List.of("SOUR"), 5.0, FIGURES))
        .isInstanceOf(Refused.class);
    assertThat(Items.BLOOM.found(List.of("SPIKE"), 3.0, FIGURES).measured()).hasValue(3);
    for (var wrong : List.of(List.of("NONE"), List.<String>of())) {
      assertThatThrownBy(() -> Items.BLOOM.found(wrong, 2.0, FIGURES)).isInstanceOf(Refused.class);
    }
  }

  @Test
  void aLengthAloneSaysItsStage() {
    assertThat(Items.NEW_ROOTS.found(List.of(), 35.0, FIGURES).answer()).contains(RootStage.SHORT);
  }

  @Test
  void eyeAndRulerMayDifferALittleAtTheEdge() {
    assertThat(Items.NEW_ROOTS.found(List.of("NUB"), 21.5, FIGURES).answer())
        .contains(RootStage.NUB);
    assertThat(Items.NEW_ROOTS.found(List.of("SHORT"), 19.0, FIGURES).answer())
        .contains(RootStage.SHORT);
  }

  @Test
  void notLookedAtIsNotTheSameAsNone() {
    var day = LocalDate.of(2027, 5, 15);
    var inspection =
        Inspection.on(day)
            .with(Items.NEW_ROOTS, Items.NEW_ROOTS.found(List.of("NONE"), null, FIGURES));
    assertThat(inspection.look(Items.NEW_ROOTS).answer()).contains(RootStage.NONE);
    assertThat(inspection.look(Items.BLOOM)).isInstanceOf(Look.NotLookedAt.class);
    assertThat(inspection.said().orElseThrow()).hasToString("Newest roots: none");
  }

  private static String named(Field field) {
    return field instanceof LookSpot.Measure ? field.key() + ".measured" : field.key();
  }
}
