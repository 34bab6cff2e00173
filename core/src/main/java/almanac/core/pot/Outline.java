package almanac.core.pot;

import almanac.core.refusals.Refused;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.MinimumBoundingCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A plant seen from above: a circle for each growth, and where its leads are going. Rules: Pot and
 * place.
 *
 * @param growths at least one
 * @param radiusMm half of what a growth is across, mm, above 0
 * @param aYearMm how far a lead goes on in a year, mm; 0 if it does not creep
 */
public record Outline(List<Standing> growths, double radiusMm, double aYearMm) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final int MOST = 60;

  /**
   * One growth.
   *
   * @param heading where it goes on, degrees clockwise from 12 o'clock; null unless it leads
   */
  public record Standing(Spot at, @Nullable Double heading) {}

  /**
   * A circle round growths.
   *
   * @param radiusMm to the outer edge of the outermost growth, mm
   */
  public record Ring(Spot middle, double radiusMm) {}

  /**
   * @throws Refused if there is no growth, or there are more than on a map
   */
  public Outline {
    growths = List.copyOf(growths);
    if (growths.isEmpty() || growths.size() > MOST) {
      throw new Refused(PlaceField.GROWTHS, "Set from 1 to %d growths.".formatted(MOST));
    }
  }

  /** Whether it will need more room than it has now. */
  public boolean creeps() {
    return aYearMm > 0 && growths.stream().anyMatch(growth -> growth.heading() != null);
  }

  /** The same without growths that stand inside of others; the circles round both are the same. */
  Outline outermost() {
    var points =
        growths.stream()
            .map(growth -> new Coordinate(growth.at().x(), growth.at().y()))
            .toArray(Coordinate[]::new);
    var hull =
        Arrays.stream(GEOMETRY.createMultiPointFromCoords(points).convexHull().getCoordinates())
            .map(at -> new Spot(at.x, at.y))
            .collect(Collectors.toSet());
    return new Outline(
        growths.stream()
            .filter(growth -> growth.heading() != null || hull.contains(growth.at()))
            .toList(),
        radiusMm,
        aYearMm);
  }

  /**
   * The same plant, drawn no wider than that: nobody measured it, and it stands in a pot so wide.
   *
   * @param mostMm from its middle to its edge, mm
   */
  public Outline within(double mostMm) {
    double radius = around(0).radiusMm();
    if (radius <= mostMm) {
      return this;
    }
    double scale = mostMm / radius;
    return new Outline(
        growths.stream()
            .map(
                growth ->
                    new Standing(
                        new Spot(growth.at().x() * scale, growth.at().y() * scale),
                        growth.heading()))
            .toList(),
        radiusMm * scale,
        aYearMm * scale);
  }

  /** Where its growths stand, and where its leads will after so many years. */
  public List<Spot> after(double years) {
    return growths.stream().flatMap(growth -> now(growth, years)).toList();
  }

  private Stream<Spot> now(Standing growth, double years) {
    return growth.heading() == null
        ? Stream.of(growth.at())
        : Stream.of(growth.at(), growth.at().and(Spot.towards(growth.heading(), aYearMm * years)));
  }

  /** Where its leads alone will be after so many years; none if it does not creep. */
  public List<Spot> leadsAfter(double years) {
    return creeps()
        ? growths.stream()
            .filter(growth -> growth.heading() != null)
            .flatMap(growth -> now(growth, years).skip(1))
            .toList()
        : List.of();
  }

  /** The smallest circle round everything, after so many years. */
  public Ring around(double years) {
    // Of points that fall together the library makes no circle.
    var points =
        after(years).stream()
            .distinct()
            .map(at -> new Coordinate(at.x(), at.y()))
            .toArray(Coordinate[]::new);
    var circle = new MinimumBoundingCircle(GEOMETRY.createMultiPointFromCoords(points));
    var middle = circle.getCentre();
    return new Ring(new Spot(middle.x, middle.y), circle.getRadius() + radiusMm);
  }

  /** The circle round the middle of the pot as it stands, after so many years. */
  public Ring aroundMiddle(double years) {
    double furthest = after(years).stream().mapToDouble(Spot::mm).max().orElse(0);
    return new Ring(Spot.MIDDLE, furthest + radiusMm);
  }
}
