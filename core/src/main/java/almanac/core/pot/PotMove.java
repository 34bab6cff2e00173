package almanac.core.pot;

import java.util.OptionalDouble;

/**
 * The move that a pot is chosen for.
 *
 * @param oldMm across the pot it comes from, mm; nothing if nobody measured it
 * @param mediumYears how long the mix will last, years; nothing if nothing in it decays
 * @param ballStays whether the ball stays whole, so that the pot must be wider than the old one
 * @param rootsWouldBreak whether a pot of the usual size would break its roots
 * @param followsRoots whether so many roots were lost that the pot follows them, not the leaves
 * @param rootless whether no live root is left
 * @param lightWelcome whether light on its roots is welcome
 */
public record PotMove(
    OptionalDouble oldMm,
    OptionalDouble mediumYears,
    boolean ballStays,
    boolean rootsWouldBreak,
    boolean followsRoots,
    boolean rootless,
    boolean lightWelcome) {}
