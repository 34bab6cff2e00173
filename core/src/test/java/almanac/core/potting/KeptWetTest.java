package almanac.core.potting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.PotType;
import almanac.core.refusals.Refused;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class KeptWetTest {
  private static final Mix PUMICE = Mix.of(Component.PUMICE);
  private static final Kind CATTLEYA = StandardKinds.named("cattleya-one-leaved").orElseThrow();

  @Test
  void asToldElseAsItsKindIsAndWetterOverAReservoir() {
    assertThat(KeptWet.of(Optional.of(Moisture.DRIES_BETWEEN), CATTLEYA, PotType.CLAY, PUMICE))
        .isEqualTo(Moisture.DRIES_BETWEEN);
    assertThat(KeptWet.of(Optional.empty(), CATTLEYA, PotType.CLAY, PUMICE))
        .isEqualTo(Moisture.DRIES_RIGHT_OUT);
    assertThat(KeptWet.of(Optional.empty(), CATTLEYA, PotType.RESERVOIR, PUMICE))
        .isEqualTo(Moisture.KEPT_MOIST);
    var phrag = StandardKinds.named("phragmipedium").orElseThrow();
    assertThat(KeptWet.of(Optional.empty(), phrag, PotType.RESERVOIR, PUMICE))
        .isEqualTo(Moisture.ALWAYS_WET);
  }

  @Test
  void whatCannotBeIsRefusedAtItsField() {
    assertThatThrownBy(
            () ->
                KeptWet.of(
                    Optional.of(Moisture.DRIES_RIGHT_OUT), CATTLEYA, PotType.RESERVOIR, PUMICE))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("moisture"));
    assertThatThrownBy(
            () ->
                KeptWet.of(
                    Optional.of(Moisture.ALWAYS_WET),
                    CATTLEYA,
                    PotType.MOUNT,
                    Mix.of(Component.MOUNT)))
        .isInstanceOf(Refused.class);
  }
}
