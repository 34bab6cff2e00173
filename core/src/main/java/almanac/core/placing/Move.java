package almanac.core.placing;

import java.util.OptionalDouble;

/**
 * The move that a pot is chosen for.
 *
 * @param oldMm across the pot it comes from, mm; nothing if nobody measured it
 * @param mediumYears how long the mix will last, years; nothing if nothing in it decays
 * @param rootsWouldBreak whether a pot of the usual size would break its roots
 * @param followsRoots whether so many roots were lost that the pot follows them, not the leaves
 * @param rootless whether no live root is left
 * @param lightWelcome whether light on its roots is welcome
 */
public record Move(
    OptionalDouble oldMm,
    OptionalDouble mediumYears,
    boolean rootsWouldBreak,
    boolean followsRoots,
    boolean rootless,
    boolean lightWelcome) {}
