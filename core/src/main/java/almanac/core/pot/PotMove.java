package almanac.core.pot;

import almanac.core.kinds.Kind;
import java.util.OptionalDouble;

/**
 * The move that a pot is chosen for.
 *
 * @param oldMm across the pot it comes from, mm; nothing if nobody measured it
 * @param oldDepthMm how deep that is, mm; nothing if nobody measured it
 * @param mediumYears how long the mix will last, years; nothing if nothing in it decays
 * @param ballStays whether the ball stays whole, so that the pot must be wider than the old one
 * @param rootsWouldBreak whether a pot of the usual size would break its roots, so that it goes by
 *     the smallest step into a wider one that spares them
 * @param followsRoots whether so many roots were lost that the pot follows them, not the leaves
 * @param rootless whether no live root is left
 * @param kind what it is, and so which pot suits it
 */
public record PotMove(
    OptionalDouble oldMm,
    OptionalDouble oldDepthMm,
    OptionalDouble mediumYears,
    boolean ballStays,
    boolean rootsWouldBreak,
    boolean followsRoots,
    boolean rootless,
    Kind kind) {

  /** The first pot of a piece, or the next of a plant of which nothing is wrong. */
  public static PotMove of(OptionalDouble oldMm, boolean ballStays, boolean rootless, Kind kind) {
    return new PotMove(oldMm, OptionalDouble.empty(), ballStays, false, false, rootless, kind);
  }

  /** From a pot of which nobody measured the depth. */
  public PotMove(
      OptionalDouble oldMm,
      OptionalDouble mediumYears,
      boolean ballStays,
      boolean rootsWouldBreak,
      boolean followsRoots,
      boolean rootless,
      Kind kind) {
    this(
        oldMm,
        OptionalDouble.empty(),
        mediumYears,
        ballStays,
        rootsWouldBreak,
        followsRoots,
        rootless,
        kind);
  }
}
