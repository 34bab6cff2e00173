package almanac.app.kinds;

import almanac.core.kinds.Branching;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.RootThickness;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Moisture;
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

  static KindEntry of(Kind kind) {
    return new KindEntry(
        kind.name(),
        kind.habit(),
        kind.ground(),
        kind.roots(),
        kind.branching(),
        kind.readyRule(),
        kind.rootsAppear(),
        kind.moisture(),
        kind.care(),
        kind.leastGrowths().isPresent() ? kind.leastGrowths().getAsInt() : null,
        kind.rhizomeStepMm(),
        kind.growthsAYear(),
        kind.warmth().nightLeast(),
        kind.warmth().dayMost(),
        kind.lightOnRoots(),
        kind.rootSpeed(),
        kind.rootsHidden());
  }

  /**
   * The kind under that key.
   *
   * @throws almanac.core.refusals.Refused naming the field, if a number makes no sense
   */
  Kind kind(String key) {
    return new Kind(
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
