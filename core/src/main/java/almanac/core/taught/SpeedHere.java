package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootSpeed;
import java.util.Collection;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How fast the roots of a kind grow with its keeper, mm a week in warm and light weeks, as far as
 * plants that were measured tell. Rules: What it taught.
 *
 * @param plants how many were measured twice or more
 * @param assumed the speed of the kind without them
 * @param low the truth lies over this and under {@code high} in nine cases of ten
 */
public record SpeedHere(
    Kind kind,
    int plants,
    double assumed,
    double low,
    double likely,
    double high,
    Chance.Against against) {
  private static final double TAIL = 0.05;

  /**
   * What the plants tell.
   *
   * @param measured what each plant's own measurements say
   */
  public static SpeedHere of(Kind kind, Collection<RootSpeed> measured, Figures figures) {
    double assumed = kind.of(Trait.ROOT_SPEED);
    var here = RootSpeed.ofKind(assumed, figures).here(measured, figures);
    var log = NormalDistribution.of(here.log(), here.spread());
    return new SpeedHere(
        kind,
        measured.size(),
        assumed,
        Math.exp(log.inverseCumulativeProbability(TAIL)),
        here.mmAWeek(),
        Math.exp(log.inverseSurvivalProbability(TAIL)),
        measured.size() < figures.count(RootFigures.ENOUGH_PLANTS)
            ? Chance.Against.FEW
            : Chance.Against.of(log.cumulativeProbability(Math.log(assumed)), figures));
  }

  /** What is said of it, as a part of a sentence. */
  public String words() {
    return against.words("faster", "slower");
  }
}
