package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.Refused;
import almanac.core.figures.Figures;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ItemTest {
  private static final Figures FIGURES = Figures.standard();

  @ParameterizedTest
  @CsvSource({
    "NUB, 60, looks.newRoots.mm",
    "NONE, 40, looks.newRoots.mm",
    "ANCHORED, 5, looks.newRoots.mm",
    ", -3, looks.newRoots.mm",
    ", 0, looks.newRoots.mm",
    ", 3001, looks.newRoots.mm",
    ", NaN, looks.newRoots.mm",
    "HUGE, , looks.newRoots",
    ", , looks.newRoots"
  })
  void whatCannotBeIsRefusedByItsField(String answer, Double mm, String field) {
    assertThatThrownBy(() -> Item.NEW_ROOTS.found(answer, mm, FIGURES))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void aFlowerIsNotMeasured() {
    assertThatThrownBy(() -> Item.BLOOM.found("OPEN", 5.0, FIGURES)).isInstanceOf(Refused.class);
  }

  @Test
  void aLengthAloneSaysItsStage() {
    assertThat(Item.NEW_ROOTS.found(null, 35.0, FIGURES).answer()).isEqualTo(RootStage.SHORT);
  }

  @Test
  void eyeAndRulerMayDifferALittleAtTheEdge() {
    assertThat(Item.NEW_ROOTS.found("NUB", 21.5, FIGURES).answer()).isEqualTo(RootStage.NUB);
    assertThat(Item.NEW_ROOTS.found("SHORT", 19.0, FIGURES).answer()).isEqualTo(RootStage.SHORT);
  }

  @Test
  void notLookedAtIsNotTheSameAsNone() {
    var day = LocalDate.of(2027, 5, 15);
    var inspection =
        Inspection.on(day).with(Item.NEW_ROOTS, Item.NEW_ROOTS.found("NONE", null, FIGURES));
    assertThat(inspection.look(Item.NEW_ROOTS).answer()).contains(RootStage.NONE);
    assertThat(inspection.look(Item.BLOOM)).isInstanceOf(Look.NotLookedAt.class);
    assertThat(inspection.words()).isEqualTo("Newest roots: none");
  }
}
