package almanac.core.judgement;

import almanac.core.inspection.Bloom;
import almanac.core.roots.RootStage;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/**
 * What decides how well a plant takes a move; absent is unknown.
 *
 * @param stage how far the newest roots are
 * @param rootLength their length, mm
 * @param inSeason whether light carries growth
 * @param bloom how far the flowers are
 * @param daysSinceMove days since it was last potted
 */
record Footing(
    Optional<RootStage> stage,
    OptionalDouble rootLength,
    boolean inSeason,
    Optional<Bloom> bloom,
    OptionalLong daysSinceMove) {

  static Footing of(Evidence evidence) {
    return new Footing(
        evidence.stage,
        evidence.rootLength,
        evidence.inSeason,
        evidence.bloom,
        evidence.daysSinceMove);
  }

  Footing withRoots(RootStage at, OptionalDouble mm) {
    return new Footing(Optional.of(at), mm, inSeason, bloom, daysSinceMove);
  }

  Footing inSeasonAgain() {
    return new Footing(stage, rootLength, true, bloom, daysSinceMove);
  }

  Footing flowersOver() {
    return new Footing(stage, rootLength, inSeason, Optional.of(Bloom.FINISHED), daysSinceMove);
  }

  Footing settled() {
    return new Footing(stage, rootLength, inSeason, bloom, OptionalLong.empty());
  }
}
