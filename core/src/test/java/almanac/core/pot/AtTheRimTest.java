package almanac.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.refusals.Refused;
import org.junit.jupiter.api.Test;

/** Where something stands in a pot, and the clock by which it is said. */
class AtTheRimTest {
  @Test
  void whatIsMeasuredByHandIsTheDistanceToTheRimAndAnHour() {
    assertThat(AtTheRim.of(new Spot(45, 0), 120, new Spot(5, 0))).isEqualTo(new AtTheRim(20, 3));
    assertThat(AtTheRim.of(new Spot(0, -30), 100, Spot.MIDDLE)).isEqualTo(new AtTheRim(20, 6));
    assertThat(AtTheRim.of(new Spot(0, 70), 120, Spot.MIDDLE).toRimMm()).isEqualTo(-10);
  }

  @Test
  void directionsAreReadFromTheClock() {
    assertThat(Spot.hourOf(90)).isEqualTo(3);
    assertThat(Spot.hourOf(0)).isEqualTo(12);
    assertThat(Spot.hourOf(352)).isEqualTo(12);
    assertThat(Spot.hourOf(-60)).isEqualTo(10);
    for (int hour = 1; hour <= 12; hour++) {
      assertThat(Spot.hourOf(Spot.degreesAt(hour))).isEqualTo(hour);
    }
    assertThat(Spot.towards(180, 20).y()).isCloseTo(-20, within(1e-9));
    assertThatThrownBy(() -> Spot.degreesAt(0)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Spot.degreesAt(13)).isInstanceOf(Refused.class);
  }
}
