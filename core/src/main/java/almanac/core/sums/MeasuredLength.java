package almanac.core.sums;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.util.List;

/**
 * A length read off a picture.
 *
 * @param mm the length
 * @param plusMinusMm how far off it may be, by the care with which points are set
 */
public record MeasuredLength(double mm, double plusMinusMm) {
  /** A point is set to about so many pixels of the picture. */
  private static final double POINT_ERROR_PX = 3;

  private static final double SHORTEST_KNOWN_PX = 20;
  private static final double SMALLEST_MM = 1;
  private static final double LARGEST_MM = 3000;

  /** A point of the picture, pixels from its upper left corner. */
  public record Point(double x, double y) {
    double to(Point other) {
      return Math.hypot(other.x - x, other.y - y);
    }
  }

  /**
   * The length of a path, by a length that is known.
   *
   * @param knownMm what lies between the two points, mm: the rim's diameter, or any other
   * @param path along the root or growth, at least two points
   * @throws Refused naming the field, if the known length or the path makes no sense
   */
  public static MeasuredLength along(Point from, Point to, double knownMm, List<Point> path) {
    if (!(knownMm >= SMALLEST_MM && knownMm <= LARGEST_MM)) {
      throw new Refused(Entered.KNOWN_MM, "The known length goes from 1 to 3000 mm.");
    }
    double knownPx = from.to(to);
    if (!(knownPx >= SHORTEST_KNOWN_PX)) {
      throw new Refused(Entered.KNOWN, "Set the two points of the known length further apart.");
    }
    if (path.size() < 2) {
      throw new Refused(Entered.PATH, "Set at least two points along what is to be measured.");
    }
    double px = 0;
    for (int i = 1; i < path.size(); i++) {
      px += path.get(i - 1).to(path.get(i));
    }
    double mmAPixel = knownMm / knownPx;
    double byScale = px * mmAPixel * POINT_ERROR_PX * Math.sqrt(2) / knownPx;
    double byPath = POINT_ERROR_PX * Math.sqrt(2) * mmAPixel;
    return new MeasuredLength(px * mmAPixel, Math.hypot(byScale, byPath));
  }
}
