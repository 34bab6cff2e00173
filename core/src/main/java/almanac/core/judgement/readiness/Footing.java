package almanac.core.judgement.readiness;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import almanac.core.season.Lack;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/**
 * What decides how well a plant takes a move; absent is unknown.
 *
 * @param rule by which root stages it says that it is ready
 * @param roots how far the newest roots are
 * @param growth how far the newest growth is
 * @param season whether it can grow after the move
 * @param bloom how far the flowers are
 * @param daysSinceMove days since it was last potted
 * @param rootless came without roots and is still making them
 * @param dehydrated whether leaves or bulbs are wrinkled
 * @param intact whether the ball would stay whole
 */
public record Footing(
    ReadyRule rule,
    Roots roots,
    Optional<GrowthStage> growth,
    Season season,
    Optional<Bloom> bloom,
    OptionalLong daysSinceMove,
    boolean rootless,
    boolean dehydrated,
    boolean intact) {

  /** The newest roots: their stage, and the length of growing ones in mm. */
  public record Roots(Optional<RootStage> stage, OptionalDouble mm) {}

  /** What keeps it from growing. */
  public record Season(Optional<Lack> lack, boolean resting) {
    static final Season GROWING = new Season(Optional.empty(), false);
  }

  public static Footing of(Evidence evidence) {
    return new Footing(
        evidence.rule(),
        new Roots(evidence.roots().stage(), evidence.roots().lengthMm()),
        evidence.fresh(Item.GROWTH).answer(),
        new Season(evidence.lack(), evidence.resting()),
        evidence.bloom(),
        evidence.daysSinceMove(),
        evidence.rootless(),
        evidence.thirstySince().isPresent(),
        false);
  }

  public Footing wholeBall() {
    return new Footing(
        rule, roots, growth, season, bloom, daysSinceMove, rootless, dehydrated, true);
  }

  /** With roots that far on a new growth, which is no longer at rest then. */
  public Footing withRoots(RootStage at, OptionalDouble mm) {
    return new Footing(
        rule,
        new Roots(Optional.of(at), mm),
        Optional.of(GrowthStage.STARTING),
        new Season(season.lack(), false),
        bloom,
        daysSinceMove,
        rootless,
        dehydrated,
        intact);
  }

  public Footing inSeasonAgain() {
    return new Footing(
        rule,
        roots,
        growth,
        new Season(Optional.empty(), season.resting()),
        bloom,
        daysSinceMove,
        rootless,
        dehydrated,
        intact);
  }

  public Footing flowersOver() {
    return new Footing(
        rule,
        roots,
        growth,
        season,
        Optional.of(Bloom.FINISHED),
        daysSinceMove,
        rootless,
        dehydrated,
        intact);
  }

  public Footing settled() {
    return new Footing(
        rule, roots, growth, season, bloom, OptionalLong.empty(), rootless, dehydrated, intact);
  }
}
