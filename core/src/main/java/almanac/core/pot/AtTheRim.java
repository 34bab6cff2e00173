package almanac.core.pot;

/**
 * Where something stands in a pot, as it is measured by hand.
 *
 * @param toRimMm from the rim; under 0 outside of it
 * @param hour on the clock in that direction from the pot's middle, 1 to 12
 */
public record AtTheRim(double toRimMm, int hour) {
  /** A place in a pot of which the middle is given. */
  public static AtTheRim of(Spot at, double potMm, Spot middle) {
    var away = at.less(middle);
    return new AtTheRim(potMm / 2 - away.mm(), away.hour());
  }
}
