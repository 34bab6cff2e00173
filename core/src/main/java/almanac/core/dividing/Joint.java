package almanac.core.dividing;

/**
 * The piece of rhizome between two growths.
 *
 * @param one name of a growth
 * @param other name of the other
 * @param natural whether it is loose already, or breaks there by itself
 */
public record Joint(String one, String other, boolean natural) {

  /** As it stands on the map. */
  public String name() {
    return one + "–" + other;
  }
}
