package almanac.core.rhizome;

import java.util.Optional;

/**
 * The piece of rhizome between two growths.
 *
 * @param one name of a growth
 * @param other name of the other
 * @param natural whether it is loose already, or breaks there by itself
 */
public record Joint(String one, String other, boolean natural) {

  /** The growth at its other end; nothing if it does not lead from that one. */
  Optional<String> from(String name) {
    if (one.equals(name)) {
      return Optional.of(other);
    }
    return other.equals(name) ? Optional.of(one) : Optional.empty();
  }

  /** As it stands on the map. */
  public String name() {
    return one + "–" + other;
  }
}
