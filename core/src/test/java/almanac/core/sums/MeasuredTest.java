package almanac.core.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.refusals.Refused;
import almanac.core.sums.MeasuredLength.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

class MeasuredTest {
  private static final Point LEFT = new Point(100, 100);
  private static final Point RIGHT = new Point(700, 100);

  @Test
  void aPathIsMeasuredByTheKnownRim() {
    var root = List.of(new Point(0, 0), new Point(60, 80), new Point(60, 180));
    var measured = MeasuredLength.along(LEFT, RIGHT, 120, root);
    assertThat(measured.mm()).as("200 px at 0.2 mm").isCloseTo(40, within(1e-9));
    assertThat(measured.plusMinusMm()).isBetween(0.8, 1.2);
  }

  @Test
  void aPictureFromFurtherAwayIsLessSure() {
    var near = MeasuredLength.along(LEFT, RIGHT, 120, List.of(LEFT, new Point(300, 100)));
    var far =
        MeasuredLength.along(
            new Point(0, 0), new Point(60, 0), 120, List.of(new Point(0, 0), new Point(20, 0)));
    assertThat(far.mm()).isEqualTo(near.mm());
    assertThat(far.plusMinusMm()).isGreaterThan(near.plusMinusMm());
  }

  @Test
  void whatCannotBeMeasuredIsRefusedByItsField() {
    var path = List.of(LEFT, RIGHT);
    refused("knownMm", LEFT, RIGHT, 0, path);
    refused("knownMm", LEFT, RIGHT, Double.NaN, path);
    refused("known", LEFT, new Point(105, 100), 120, path);
    refused("path", LEFT, RIGHT, 120, List.of(LEFT));
  }

  private static void refused(String field, Point from, Point to, double mm, List<Point> path) {
    assertThatThrownBy(() -> MeasuredLength.along(from, to, mm, path))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(field));
  }
}
