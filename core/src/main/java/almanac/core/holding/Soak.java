package almanac.core.holding;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * One soak test: plain water of known pH, and what it read after an hour in the pot.
 *
 * @param on the day
 * @param in pH of the water before; absent if nobody measured
 * @param out the lowest settled reading of the soak water
 */
public record Soak(LocalDate on, OptionalDouble in, double out) {

  /** How far the pot pulled the water down; absent if the water before was not measured. */
  public OptionalDouble drop() {
    return in.isPresent() ? OptionalDouble.of(in.getAsDouble() - out) : OptionalDouble.empty();
  }
}
