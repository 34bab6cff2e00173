package almanac.core.dividing;

/**
 * One growth on the map.
 *
 * @param name as it stands on the map, unique there
 * @param roots how many live roots of its own
 * @param newRoots whether new roots are starting at it
 */
public record MapGrowth(String name, Firmness firmness, int roots, boolean newRoots, Front front) {

  boolean firm() {
    return firmness == Firmness.FIRM;
  }

  boolean goesOn() {
    return front != Front.SPENT;
  }

  boolean rooted() {
    return roots > 0 || newRoots;
  }
}
