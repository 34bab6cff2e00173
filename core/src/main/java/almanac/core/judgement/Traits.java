package almanac.core.judgement;

import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;

/** What some kinds of plants have in common beyond the table of profiles. */
final class Traits {
  private Traits() {}

  /** Slippers: few thick roots, base covered, always some air among them. */
  static boolean slipper(Profile profile) {
    return profile.rootsHidden();
  }

  /** Kinds that live partly from the medium about their roots. */
  static boolean semiTerrestrial(Profile profile) {
    return slipper(profile)
        || profile.readyRule() == ReadyRule.TIPS_GROWING && terrestrial(profile);
  }

  private static boolean terrestrial(Profile profile) {
    return profile.habit() == almanac.core.profile.Habit.SYMPODIAL;
  }
}
