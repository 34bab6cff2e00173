package almanac.core.judgement;

import almanac.core.medium.MediumFigures;
import almanac.core.profile.Branching;
import almanac.core.profile.Ground;
import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;

/** By which rule a plant is ready: that of its kind, as the approach sees it. */
final class ReadyRules {
  private ReadyRules() {}

  static ReadyRule of(Evidence evidence) {
    var profile = evidence.profile();
    return switch (evidence.approach) {
      case UNDISTURBED_ROOTS ->
          profile.readyRule() == ReadyRule.START_OF_GROWTH
              ? ReadyRule.START_OF_GROWTH
              : ReadyRule.INTACT_ONLY;
      case WAIT_FOR_NUBS -> nubs(profile);
      case HOUSE_RULES, FRESH_START ->
          profile.readyRule() == ReadyRule.NUB_ONLY && spentSlipper(evidence)
              ? ReadyRule.ANY_TIME
              : profile.readyRule();
    };
  }

  private static ReadyRule nubs(Profile profile) {
    boolean anyMoment =
        profile.readyRule() == ReadyRule.ANY_TIME || profile.readyRule() == ReadyRule.TIPS_GROWING;
    if (!anyMoment) {
      return profile.readyRule();
    }
    return profile.branching() == Branching.YES ? ReadyRule.NUB_OR_LONG : ReadyRule.NUB_ONLY;
  }

  /** Slippers wait for nubs, unless their medium is spent: then any time will do. */
  private static boolean spentSlipper(Evidence evidence) {
    return evidence.profile().ground() == Ground.SLIPPER
        && evidence
            .used
            .filter(used -> used.likely() >= evidence.figures.of(MediumFigures.SPENT))
            .isPresent();
  }
}
