package almanac.core.potting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class DryingOutTest {
  @Test
  void dryIsWhenNineTenthsOfTheWaterHaveLeft() {
    assertThat(DryingOut.days(List.of(400.0, 360.0, 330.0, 309.0, 301.0, 300.0))).hasValue(3 + 0);
    assertThat(DryingOut.days(List.of(400.0, 390.0, 350.0, 311.0, 310.0, 300.0))).hasValue(4);
  }

  @Test
  void aPotThatDoesNotGetLighterSaysNothing() {
    assertThat(DryingOut.days(List.of(300.0, 300.0, 300.0))).isEmpty();
    assertThat(DryingOut.days(List.of(300.0, 320.0, 340.0))).isEmpty();
    assertThat(DryingOut.days(List.of(400.0, 300.0))).isEmpty();
    assertThat(DryingOut.days(List.of())).isEmpty();
  }
}
