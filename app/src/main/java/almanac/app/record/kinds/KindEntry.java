package almanac.app.record.kinds;

import almanac.app.ground.refusals.Paths;
import almanac.app.record.entries.TraitsEntry;
import almanac.core.kinds.Kind;
import almanac.core.refusals.Longest;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** A kind of plant as somebody enters it. */
record KindEntry(
    @NotBlank(message = "Give the kind a name.")
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String name,
    @NotNull(message = "Give its traits.") TraitsEntry traits) {

  /**
   * The kind under that key.
   *
   * @throws almanac.core.refusals.Refused naming the field, if a trait is missing or cannot be so
   */
  Kind kind(String key) {
    return Paths.under("traits", () -> new Kind(key, name.strip(), traits.traits()));
  }
}
