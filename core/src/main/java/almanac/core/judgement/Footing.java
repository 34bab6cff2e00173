package almanac.core.judgement;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.medium.MediumFigures;
import almanac.core.profile.Branching;
import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;
import almanac.core.roots.RootStage;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/**
 * What decides how well a plant takes a move; absent is unknown.
 *
 * @param rule by which root stages it says that it is ready
 * @param stage how far the newest roots are
 * @param rootLength their length, mm
 * @param growth how far the newest growth is
 * @param inSeason whether light carries growth
 * @param bloom how far the flowers are
 * @param daysSinceMove days since it was last potted
 * @param dehydrated whether leaves or bulbs are wrinkled
 */
record Footing(
    ReadyRule rule,
    Optional<RootStage> stage,
    OptionalDouble rootLength,
    Optional<GrowthStage> growth,
    boolean inSeason,
    Optional<Bloom> bloom,
    OptionalLong daysSinceMove,
    boolean dehydrated) {

  static Footing of(Evidence evidence) {
    return new Footing(
        rule(evidence),
        evidence.stage,
        evidence.rootLength,
        evidence.fresh(Item.GROWTH).answer(),
        evidence.inSeason,
        evidence.bloom,
        evidence.daysSinceMove,
        PlantNeeds.dry(evidence));
  }

  /** The rule of its kind, as the approach sees it. */
  private static ReadyRule rule(Evidence evidence) {
    var profile = evidence.situation.profile();
    return switch (evidence.approach) {
      case UNDISTURBED_ROOTS -> ReadyRule.INTACT_ONLY;
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
    return Traits.slipper(evidence.situation.profile())
        && evidence
            .used
            .filter(used -> used.likely() >= evidence.figures.of(MediumFigures.SPENT))
            .isPresent();
  }

  Footing withRoots(RootStage at, OptionalDouble mm) {
    return new Footing(
        rule,
        Optional.of(at),
        mm,
        Optional.of(GrowthStage.STARTING),
        inSeason,
        bloom,
        daysSinceMove,
        dehydrated);
  }

  Footing inSeasonAgain() {
    return new Footing(rule, stage, rootLength, growth, true, bloom, daysSinceMove, dehydrated);
  }

  Footing flowersOver() {
    return new Footing(
        rule,
        stage,
        rootLength,
        growth,
        inSeason,
        Optional.of(Bloom.FINISHED),
        daysSinceMove,
        dehydrated);
  }

  Footing settled() {
    return new Footing(
        rule, stage, rootLength, growth, inSeason, bloom, OptionalLong.empty(), dehydrated);
  }
}
