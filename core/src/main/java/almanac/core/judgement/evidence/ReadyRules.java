package almanac.core.judgement.evidence;

import almanac.core.kinds.Branching;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumFigures;

/** By which rule a plant is ready: that of its kind, as the approach sees it. */
final class ReadyRules {
  private ReadyRules() {}

  static ReadyRule of(Evidence evidence) {
    var kind = evidence.kind();
    return switch (evidence.approach()) {
      case UNDISTURBED_ROOTS ->
          kind.of(Trait.READY_RULE) == ReadyRule.START_OF_GROWTH
              ? ReadyRule.START_OF_GROWTH
              : ReadyRule.INTACT_ONLY;
      case WAIT_FOR_NUBS -> nubs(kind);
      case HOUSE_RULES, FRESH_START ->
          kind.of(Trait.READY_RULE) == ReadyRule.NUB_ONLY && spentSlipper(evidence)
              ? ReadyRule.ANY_TIME
              : kind.of(Trait.READY_RULE);
    };
  }

  private static ReadyRule nubs(Kind kind) {
    boolean anyMoment =
        kind.of(Trait.READY_RULE) == ReadyRule.ANY_TIME
            || kind.of(Trait.READY_RULE) == ReadyRule.TIPS_GROWING;
    if (!anyMoment) {
      return kind.of(Trait.READY_RULE);
    }
    return kind.of(Trait.BRANCHING) == Branching.YES ? ReadyRule.NUB_OR_LONG : ReadyRule.NUB_ONLY;
  }

  /** Slippers wait for nubs, unless their medium is spent: then any time will do. */
  private static boolean spentSlipper(Evidence evidence) {
    return evidence.kind().of(Trait.GROUND) == Ground.SLIPPER
        && evidence
            .used()
            .filter(used -> used.likely() >= evidence.figures().of(MediumFigures.SPENT))
            .isPresent();
  }
}
