package almanac.app.profiles;

import almanac.core.medium.Moisture;
import almanac.core.profile.Branching;
import almanac.core.profile.Ground;
import almanac.core.profile.Habit;
import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;
import almanac.core.profile.RootThickness;
import almanac.core.profile.Warmth;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.OptionalInt;

/** All that sets one kind of plant apart. */
record KindEntry(
    @NotBlank(message = "Give the kind a name.")
        @Size(max = 200, message = "A name has at most 200 characters.")
        String name,
    @NotNull(message = "Say whether it grows sideways or upward.") Habit habit,
    @NotNull(message = "Say what its roots live in.") Ground ground,
    @NotNull(message = "Say how thick its roots are.") RootThickness roots,
    @NotNull(message = "Say whether broken roots branch.") Branching branching,
    @NotNull(message = "Say which root stages take a move.") ReadyRule readyRule,
    @NotNull(message = "Say when its roots appear.")
        @Size(max = 200, message = "At most 200 characters.")
        String rootsAppear,
    @NotNull(message = "Say how wet it is kept.") Moisture moisture,
    @NotNull(message = "Say what its roots ask for.")
        @Size(max = 200, message = "At most 200 characters.")
        String care,
    @Schema(
            nullable = true,
            description = "Growths each part of a division needs; none for upright kinds")
        Integer leastGrowths,
    @NotNull(message = "Give the step of the rhizome in mm.") Double rhizomeStepMm,
    @NotNull(message = "Give the growths a lead makes in a year.") Double growthsAYear,
    @NotNull(message = "Give the lowest night temperature in °C.") Double nightLeast,
    @NotNull(message = "Give the highest day temperature in °C.") Double dayMost,
    @NotNull(message = "Say whether light on the roots is welcome.") Boolean lightOnRoots,
    @NotNull(message = "Give the speed of its roots in mm a week.") Double rootSpeed,
    @NotNull(message = "Say whether its roots can be seen.") Boolean rootsHidden) {

  static KindEntry of(Profile profile) {
    return new KindEntry(
        profile.name(),
        profile.habit(),
        profile.ground(),
        profile.roots(),
        profile.branching(),
        profile.readyRule(),
        profile.rootsAppear(),
        profile.moisture(),
        profile.care(),
        profile.leastGrowths().isPresent() ? profile.leastGrowths().getAsInt() : null,
        profile.rhizomeStepMm(),
        profile.growthsAYear(),
        profile.warmth().nightLeast(),
        profile.warmth().dayMost(),
        profile.lightOnRoots(),
        profile.rootSpeed(),
        profile.rootsHidden());
  }

  /**
   * The kind under that key.
   *
   * @throws almanac.core.refusals.Refused naming the field, if a number makes no sense
   */
  Profile profile(String key) {
    return new Profile(
        key,
        name.strip(),
        habit,
        ground,
        roots,
        branching,
        readyRule,
        rootsAppear.strip(),
        moisture,
        care.strip(),
        leastGrowths == null ? OptionalInt.empty() : OptionalInt.of(leastGrowths),
        rhizomeStepMm,
        growthsAYear,
        new Warmth(nightLeast, dayMost),
        lightOnRoots,
        rootSpeed,
        rootsHidden);
  }
}
