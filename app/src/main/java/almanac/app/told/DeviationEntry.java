package almanac.app.told;

import almanac.core.medium.Moisture;
import almanac.core.profile.Branching;
import almanac.core.profile.Deviation;
import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;
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
  public static DeviationEntry traits(Profile profile) {
    return new DeviationEntry(
        profile.readyRule(),
        profile.branching(),
        profile.moisture(),
        profile.leastGrowths().isPresent() ? profile.leastGrowths().getAsInt() : null,
        profile.rhizomeStepMm(),
        profile.growthsAYear(),
        profile.warmth().nightLeast(),
        profile.warmth().dayMost(),
        profile.rootSpeed(),
        profile.rootsHidden());
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
