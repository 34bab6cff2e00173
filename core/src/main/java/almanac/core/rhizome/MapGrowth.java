package almanac.core.rhizome;

import almanac.core.pot.Spot;
import org.jspecify.annotations.Nullable;

/**
 * One growth on the map.
 *
 * @param name as it stands on the map, unique there
 * @param roots how many live roots of its own
 * @param newRoots whether new roots are starting at it
 * @param at where it stands in the pot, seen from above
 * @param heading where a lead goes on, degrees clockwise from 12 o'clock; null for on from the
 *     growth behind it
 */
public record MapGrowth(
    String name,
    Firmness firmness,
    int roots,
    boolean newRoots,
    Front front,
    Spot at,
    @Nullable Double heading) {

  /** Of which nobody said where it stands. */
  public MapGrowth(String name, Firmness firmness, int roots, boolean newRoots, Front front) {
    this(name, firmness, roots, newRoots, front, Spot.MIDDLE, null);
  }

  /** The same growth, once others have grown on from it. */
  MapGrowth led() {
    return new MapGrowth(
        name, firmness, roots, newRoots, front == Front.LEAD ? Front.SPENT : front, at, null);
  }

  MapGrowth standingAt(Spot spot) {
    return new MapGrowth(name, firmness, roots, newRoots, front, spot, heading);
  }

  MapGrowth turned(double degrees) {
    return new MapGrowth(name, firmness, roots, newRoots, front, at, degrees);
  }

  boolean firm() {
    return firmness == Firmness.FIRM;
  }

  boolean soft() {
    return firmness == Firmness.SOFT;
  }

  boolean goesOn() {
    return front != Front.SPENT;
  }

  boolean rooted() {
    return roots > 0 || newRoots;
  }
}
