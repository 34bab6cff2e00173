package almanac.core.roots;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The course of a newest root, as it is drawn. */
class ForecastCourseTest {
  private static final LocalDate SEEN = LocalDate.of(2027, 5, 1);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final Figures FIGURES = Figures.standard();
  private static final double SAFE_MM = 100;

  private static List<ForecastCourse.Point> course(double mm, double speed) {
    return ForecastCourse.of(forecast(mm, speed), SAFE_MM, TODAY, FIGURES);
  }

  private static RootForecast forecast(double mm, double speed) {
    return RootForecast.of(
            List.of(new RootLook(SEEN, RootStage.NUB, OptionalDouble.of(mm))),
            RootSpeed.ofKind(speed, FIGURES),
            GrowthPace.full(),
            FIGURES)
        .orElseThrow();
  }

  @Test
  void itBeginsAtTheLookAndGoesOnAFewDaysBeyondTheLastOnWhichRootsAreShort() {
    var course = course(6, 17);
    assertThat(course).hasSize(25);
    assertThat(course.get(0).on()).isEqualTo(SEEN);
    assertThat(course.get(0).span().likely()).isEqualTo(6);
    assertThat(course.get(24).on())
        .isEqualTo(forecast(6, 17).passes(SAFE_MM, FIGURES).latest().plusDays(4));
    assertThat(course).extracting(ForecastCourse.Point::on).isSorted().doesNotHaveDuplicates();
  }

  @Test
  void itIsDrawnForAFortnightAtLeastAndHalfAYearAtMost() {
    assertThat(course(99, 30).get(24).on()).isEqualTo(TODAY.plusDays(14));
    assertThat(course(1, 1).get(24).on()).isEqualTo(TODAY.plusDays(182));
  }
}
