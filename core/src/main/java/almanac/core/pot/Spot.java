package almanac.core.pot;

import almanac.core.refusals.Refused;

/**
 * A place in a pot seen from above.
 *
 * @param x mm from the middle towards 3 o'clock
 * @param y mm from the middle towards 12 o'clock
 */
public record Spot(double x, double y) {
  public static final Spot MIDDLE = new Spot(0, 0);

  /** No plant in a pot reaches further. */
  private static final double FURTHEST_MM = 2000;

  private static final double DEGREES_AN_HOUR = 30;
  private static final int HOURS = 12;

  /**
   * @throws Refused if it lies further away than any pot is wide
   */
  public Spot {
    if (!(Math.abs(x) <= FURTHEST_MM && Math.abs(y) <= FURTHEST_MM)) {
      throw new Refused(PlaceField.GROWTHS, "A growth stands at most 2000 mm from the middle.");
    }
  }

  /** So far from the middle, in a direction given in degrees clockwise from 12 o'clock. */
  public static Spot towards(double degrees, double mm) {
    double turned = Math.toRadians(degrees);
    return new Spot(mm * Math.sin(turned), mm * Math.cos(turned));
  }

  /**
   * Degrees clockwise from 12 o'clock of an hour on the clock.
   *
   * @throws Refused unless it is from 1 to 12
   */
  public static double degreesAt(int hour) {
    if (hour < 1 || hour > HOURS) {
      throw new Refused(PlaceField.HOUR, "A clock has the hours 1 to 12.");
    }
    return hour % HOURS * DEGREES_AN_HOUR;
  }

  public Spot and(Spot more) {
    return new Spot(x + more.x, y + more.y);
  }

  public Spot less(Spot other) {
    return new Spot(x - other.x, y - other.y);
  }

  /** How far it lies from the middle, mm. */
  public double mm() {
    return Math.hypot(x, y);
  }

  /** Degrees clockwise from 12 o'clock, 0 to under 360; 0 for the middle itself. */
  public double degrees() {
    return (Math.toDegrees(Math.atan2(x, y)) + 360) % 360;
  }

  /** The full hour on the clock that lies in its direction, 1 to 12. */
  public int hour() {
    return hourOf(degrees());
  }

  /** The full hour on the clock nearest to a direction, degrees clockwise from 12 o'clock. */
  public static int hourOf(double degrees) {
    int hour = Math.floorMod((int) Math.round(degrees / DEGREES_AN_HOUR), HOURS);
    return hour == 0 ? HOURS : hour;
  }
}
