package almanac.core.potting;

import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.PotType;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.util.Optional;

/** How wet a medium is kept, as far as its pot lets it. Rules: The medium's clock. */
public final class KeptWet {
  private KeptWet() {}

  /**
   * How wet it is kept: as told, else as its kind is, wetter over a reservoir.
   *
   * @throws Refused naming {@code moisture}, if it cannot be kept so in such a pot
   */
  public static Moisture of(Optional<Moisture> told, Kind kind, PotType pot, Mix mix) {
    told.ifPresent(moisture -> refuse(moisture, pot, mix));
    return told.orElseGet(() -> usual(kind.of(Trait.MOISTURE), pot));
  }

  private static Moisture usual(Moisture ofKind, PotType pot) {
    return pot == PotType.RESERVOIR && ofKind.compareTo(Moisture.KEPT_MOIST) < 0
        ? Moisture.KEPT_MOIST
        : ofKind;
  }

  private static void refuse(Moisture moisture, PotType pot, Mix mix) {
    if (pot == PotType.RESERVOIR && moisture == Moisture.DRIES_RIGHT_OUT) {
      throw new Refused(
          Entered.MOISTURE, "Over a reservoir it does not dry right out: say how moist it is.");
    }
    if (mix.mounted() && moisture == Moisture.ALWAYS_WET) {
      throw new Refused(Entered.MOISTURE, "A mount is not always wet: it dries within hours.");
    }
  }
}
