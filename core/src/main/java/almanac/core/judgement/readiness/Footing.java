package almanac.core.judgement.readiness;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Season;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/**
 * What decides how well a plant takes a move; absent is unknown.
 *
 * @param rule by which root stages it says that it is ready
 * @param roots how far the newest roots are
 * @param growth how far the newest growth is
 * @param season what light and warmth make of a move
 * @param bloom how far the flowers are
 * @param daysSinceMove days since it was last potted
 * @param rootless came without roots and is still making them
 * @param snapped whether its lead is snapped off and nothing has taken its place
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
    boolean snapped,
    boolean dehydrated,
    boolean intact) {

  /** The newest roots: their stage, and the length of growing ones in mm. */
  public record Roots(Optional<RootStage> stage, OptionalDouble mm) {}

  public static Footing of(Evidence evidence) {
    return new Footing(
        evidence.rule(),
        new Roots(evidence.roots().stage(), evidence.roots().lengthMm()),
        evidence.fresh(Items.GROWTH).answer(),
        evidence.season(),
        evidence.bloom(),
        evidence.daysSinceMove(),
        evidence.rootless(),
        evidence.leadSnappedOn().isPresent(),
        evidence.thirstySince().isPresent(),
        false);
  }

  public Footing wholeBall() {
    return with(roots, growth, true);
  }

  /** With roots that far on a new growth, which is no longer at rest then. */
  public Footing withRoots(RootStage at, OptionalDouble mm) {
    return with(new Roots(Optional.of(at), mm), Optional.of(GrowthStage.STARTING), intact);
  }

  /** As its new growth starts, with no root of it yet. */
  public Footing starting() {
    return withRoots(RootStage.NONE, OptionalDouble.empty());
  }

  private Footing with(Roots otherRoots, Optional<GrowthStage> otherGrowth, boolean whole) {
    return new Footing(
        rule,
        otherRoots,
        otherGrowth,
        season,
        bloom,
        daysSinceMove,
        rootless,
        snapped,
        dehydrated,
        whole);
  }
}
