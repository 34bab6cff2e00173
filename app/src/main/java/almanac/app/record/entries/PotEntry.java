package almanac.app.record.entries;

import almanac.app.ground.refusals.BadEntry;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** The pot itself, as somebody enters it. */
public record PotEntry(
    @NotNull(message = "Say what pot it is.") PotType type,
    @Schema(nullable = true) @Nullable Double diameterMm,
    @Schema(nullable = true) @Nullable Double depthMm,
    @NotNull(message = "Say what lies on top; it may be nothing.")
        @Size(max = Longest.SHORT_NAME, message = "A top layer has at most {max} characters.")
        String topLayer) {

  /**
   * The pot of an entry that may have been left out.
   *
   * @throws almanac.core.refusals.Refused naming the field, if a measure makes no sense
   */
  public static Pot pot(@Nullable PotEntry entry) {
    return entry == null
        ? Pot.NOT_NOTED
        : new Pot(entry.type(), entry.diameterMm(), entry.depthMm(), entry.topLayer().strip());
  }

  /**
   * The same, where it is sent under that name.
   *
   * @throws BadEntry naming the measure that makes no sense by its whole path
   */
  public static Pot under(String name, @Nullable PotEntry entry) {
    try {
      return pot(entry);
    } catch (Refused refused) {
      throw new BadEntry(name + "." + refused.field().key(), refused.sentence());
    }
  }

  /** As it is entered. */
  public static PotEntry of(Pot pot) {
    return new PotEntry(pot.type(), pot.diameterMm(), pot.depthMm(), pot.topLayer());
  }
}
