package almanac.core.kinds;

import almanac.core.medium.Moisture;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * In what one plant differs from its kind; what is null is as in the kind.
 *
 * @param readyRule which root stages take a move
 * @param branching whether broken roots branch
 * @param moisture how wet its medium is kept
 * @param leastGrowths growths that each part of a division needs
 * @param rhizomeStepMm distance from growth to growth, mm
 * @param growthsAYear growths one lead makes in a year
 * @param nightLeast the lowest night temperature, °C
 * @param dayMost the highest day temperature, °C
 * @param rootSpeed how fast a new root lengthens, mm a week
 * @param rootsHidden roots cannot be judged through the pot
 */
public record Deviation(
    @Nullable ReadyRule readyRule,
    @Nullable Branching branching,
    @Nullable Moisture moisture,
    @Nullable Integer leastGrowths,
    @Nullable Double rhizomeStepMm,
    @Nullable Double growthsAYear,
    @Nullable Double nightLeast,
    @Nullable Double dayMost,
    @Nullable Double rootSpeed,
    @Nullable Boolean rootsHidden) {

  /** As its kind in everything. */
  public static final Deviation NONE =
      new Deviation(null, null, null, null, null, null, null, null, null, null);

  /**
   * The kind as this plant follows it.
   *
   * @throws almanac.core.refusals.Refused naming the field, if a number makes no sense
   */
  public Kind of(Kind kind) {
    if (equals(NONE)) {
      return kind;
    }
    return new Kind(
        kind.key(),
        kind.name(),
        kind.habit(),
        kind.ground(),
        kind.roots(),
        or(branching, kind.branching()),
        or(readyRule, kind.readyRule()),
        kind.rootsAppear(),
        or(moisture, kind.moisture()),
        kind.care(),
        leastGrowths == null ? kind.leastGrowths() : OptionalInt.of(leastGrowths),
        or(rhizomeStepMm, kind.rhizomeStepMm()),
        or(growthsAYear, kind.growthsAYear()),
        new Warmth(
            or(nightLeast, kind.warmth().nightLeast()), or(dayMost, kind.warmth().dayMost())),
        kind.lightOnRoots(),
        or(rootSpeed, kind.rootSpeed()),
        or(rootsHidden, kind.rootsHidden()));
  }

  private static <T> T or(@Nullable T own, T ofTheKind) {
    return own == null ? ofTheKind : own;
  }
}
