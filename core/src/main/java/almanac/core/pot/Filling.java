package almanac.core.pot;

import almanac.core.figures.Figures;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.util.Objects;

/**
 * What goes into one pot. Rules: Mix and fill.
 *
 * @param holdsMl the pot filled to its rim, ml
 * @param ballMl what the roots, and the medium that stays on them, take of it, ml
 * @param bottomMl the layer under the mix, ml
 * @param mixMl the loose mix to have at hand, ml: it settles
 * @param topMl the layer over the mix, ml
 */
public record Filling(double holdsMl, double ballMl, double bottomMl, double mixMl, double topMl) {

  private static final double CLOSE_ENOUGH_ML = 1e-6;

  /** What goes into no pot. */
  public static final Filling NOTHING = new Filling(0, 0, 0, 0, 0);

  /** What goes into both. */
  public Filling and(Filling other) {
    return new Filling(
        holdsMl + other.holdsMl,
        ballMl + other.ballMl,
        bottomMl + other.bottomMl,
        mixMl + other.mixMl,
        topMl + other.topMl);
  }

  /**
   * @param pot measured across and in depth
   * @param ballMl what the roots take, with what stays on them, ml, from 0
   * @param bottomMm depth of the layer under the mix, mm, from 0
   * @param topMm depth of the layer over it, mm, from 0
   * @throws Refused if the pot was not measured, or is smaller than the ball
   */
  public static Filling of(Pot pot, double ballMl, double bottomMm, double topMm, Figures figures) {
    if (pot.diameterMm() == null || pot.depthMm() == null) {
      throw new Refused(Entered.POT_DIAMETER, "Measure the pot across its rim and in depth.");
    }
    if (!layersFit(pot, bottomMm, topMm)) {
      throw new Refused(Entered.POT_DEPTH, "The layers leave no room for the mix.");
    }
    var empty = layered(pot, bottomMm, topMm, figures);
    double room = empty.room();
    if (!(ballMl >= 0) || room + CLOSE_ENOUGH_ML < ballMl) {
      throw new Refused(
          Entered.POT_DIAMETER,
          "The ball takes %.0f ml, and the pot holds %.0f ml: take a larger pot."
              .formatted(ballMl, room));
    }
    return new Filling(
        empty.holds(),
        ballMl,
        empty.bottom(),
        PotVolume.loose(Math.max(0, room - ballMl), figures),
        empty.top());
  }

  /** Whether a pot that was measured holds the ball, with layers under and over it. */
  public static boolean holds(
      Pot pot, double ballMl, double bottomMm, double topMm, Figures figures) {
    return layersFit(pot, bottomMm, topMm)
        && layered(pot, bottomMm, topMm, figures).room() + CLOSE_ENOUGH_ML >= ballMl;
  }

  private static boolean layersFit(Pot pot, double bottomMm, double topMm) {
    return bottomMm >= 0 && topMm >= 0 && bottomMm + topMm < Objects.requireNonNull(pot.depthMm());
  }

  /** A pot with its layers, ml. */
  private record Layered(double holds, double bottom, double top) {
    double room() {
      return holds - bottom - top;
    }
  }

  private static Layered layered(Pot pot, double bottomMm, double topMm, Figures figures) {
    double depth = Objects.requireNonNull(pot.depthMm());
    double holds = PotVolume.upTo(pot, depth, figures);
    return new Layered(
        holds,
        PotVolume.upTo(pot, bottomMm, figures),
        holds - PotVolume.upTo(pot, depth - topMm, figures));
  }
}
