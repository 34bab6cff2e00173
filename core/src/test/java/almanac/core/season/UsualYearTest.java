package almanac.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.Month;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class UsualYearTest {
  private static final Figures FIGURES = Figures.standard();
  private static final OptionalDouble NOT_TOLD = OptionalDouble.empty();

  @Test
  void itRunsFromTheToldWinterToTheToldSummerAndBack() {
    var year =
        UsualYear.at(LightYear.at(56), OptionalDouble.of(12), OptionalDouble.of(26), FIGURES);
    assertThat(year.in(Month.JANUARY)).isEqualTo(12);
    assertThat(year.in(Month.JULY)).isEqualTo(26);
    assertThat(year.in(Month.APRIL)).isCloseTo(19, within(0.5));
    assertThat(year.in(Month.APRIL)).isEqualTo(year.in(Month.OCTOBER));
    assertThat(year.byMonth()).hasSize(12).allMatch(mean -> 2 * mean == Math.rint(2 * mean));
  }

  @Test
  void whereNobodyHasMeasuredItIsColdInJanuaryInTheNorthAndInJulyInTheSouth() {
    var north = UsualYear.at(LightYear.at(56), NOT_TOLD, NOT_TOLD, FIGURES);
    var south = UsualYear.at(LightYear.at(-35), NOT_TOLD, NOT_TOLD, FIGURES);
    double winter = FIGURES.of(SeasonFigures.USUAL_WINTER);
    double summer = FIGURES.of(SeasonFigures.USUAL_SUMMER);
    assertThat(north.in(Month.JANUARY)).isEqualTo(winter);
    assertThat(north.in(Month.JULY)).isEqualTo(summer);
    assertThat(south.in(Month.JANUARY)).isEqualTo(summer);
    assertThat(south.in(Month.JULY)).isEqualTo(winter);
  }

  @Test
  void aYearThatNoPlaceHasIsRefused() {
    assertThatThrownBy(
            () -> UsualYear.at(LightYear.at(56), NOT_TOLD, OptionalDouble.of(75.2), FIGURES))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(Entered.MEANS));
  }
}
