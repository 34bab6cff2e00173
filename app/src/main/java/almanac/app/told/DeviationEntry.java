package almanac.app.told;

import almanac.core.kinds.Branching;
import almanac.core.kinds.Deviation;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.medium.Moisture;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** In what one plant differs from its kind; what is null is as in the kind. */
@Schema(description = "In what one plant differs from its kind; what is null is as in the kind")
public record DeviationEntry(
    @Schema(nullable = true) @Nullable ReadyRule readyRule,
    @Schema(nullable = true) @Nullable Branching branching,
    @Schema(nullable = true) @Nullable Moisture moisture,
    @Schema(nullable = true) @Nullable Integer leastGrowths,
    @Schema(nullable = true) @Nullable Double rhizomeStepMm,
    @Schema(nullable = true) @Nullable Double growthsAYear,
    @Schema(nullable = true) @Nullable Double nightLeast,
    @Schema(nullable = true) @Nullable Double dayMost,
    @Schema(nullable = true) @Nullable Double rootSpeed,
    @Schema(nullable = true) @Nullable Boolean rootsHidden) {

  public static DeviationEntry of(Deviation own) {
    return new DeviationEntry(
        own.readyRule(),
        own.branching(),
        own.moisture(),
        own.leastGrowths(),
        own.rhizomeStepMm(),
        own.growthsAYear(),
        own.nightLeast(),
        own.dayMost(),
        own.rootSpeed(),
        own.rootsHidden());
  }

  /** Every trait that a plant can have of its own, as it holds. */
  public static DeviationEntry traits(Kind kind) {
    return new DeviationEntry(
        kind.readyRule(),
        kind.branching(),
        kind.moisture(),
        kind.leastGrowths().isPresent() ? kind.leastGrowths().getAsInt() : null,
        kind.rhizomeStepMm(),
        kind.growthsAYear(),
        kind.warmth().nightLeast(),
        kind.warmth().dayMost(),
        kind.rootSpeed(),
        kind.rootsHidden());
  }

  public Deviation deviation() {
    return new Deviation(
        readyRule,
        branching,
        moisture,
        leastGrowths,
        rhizomeStepMm,
        growthsAYear,
        nightLeast,
        dayMost,
        rootSpeed,
        rootsHidden);
  }

  /** The deviation of an entry that may have been left out. */
  public static Deviation of(@Nullable DeviationEntry entry) {
    return entry == null ? Deviation.NONE : entry.deviation();
  }
}
