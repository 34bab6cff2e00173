package almanac.core.taught;

import almanac.core.figures.Figures;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * How often something comes out well, as far as cases tell: what is assumed counts as so many cases
 * of its own. Rules: What it taught.
 *
 * @param well how many came out well
 * @param of how many cases there were
 * @param assumed what is assumed without them, 0 to 1
 * @param low the truth lies over this and under {@code high} in nine cases of ten, 0 to 1
 * @param likely the mean
 */
public record Chance(
    int well, int of, double assumed, double low, double likely, double high, Against against) {
  private static final double TAIL = 0.05;

  /** How the cases stand to what is assumed. */
  public enum Against {
    /** Too few to say anything. */
    FEW,
    AS_ASSUMED,
    /** The likely value lies off, and the assumed one is not ruled out. */
    PERHAPS_BETTER,
    PERHAPS_WORSE,
    BETTER,
    WORSE;

    /**
     * What is said of it, as a part of a sentence.
     *
     * @param more what it is where the truth lies over what is assumed
     */
    String words(String more, String less) {
      return switch (this) {
        case FEW -> "too few to say anything";
        case AS_ASSUMED -> "as assumed";
        case PERHAPS_BETTER -> "perhaps %s; not clear yet".formatted(more);
        case PERHAPS_WORSE -> "perhaps %s; not clear yet".formatted(less);
        case BETTER -> more + " than assumed";
        case WORSE -> less + " than assumed";
      };
    }

    /** Whether the assumed value is ruled out. */
    public boolean clear() {
      return this == BETTER || this == WORSE;
    }

    /**
     * What is said of enough cases.
     *
     * @param under how likely the truth lies under what is assumed, 0 to 1
     */
    static Against of(double under, Figures figures) {
      double clear = figures.of(LearningFigures.CLEAR) / 200;
      double perhaps = figures.of(LearningFigures.PERHAPS) / 100;
      if (under < perhaps) {
        return under < clear ? BETTER : PERHAPS_BETTER;
      }
      if (under > 1 - perhaps) {
        return under > 1 - clear ? WORSE : PERHAPS_WORSE;
      }
      return AS_ASSUMED;
    }
  }

  /**
   * What the cases tell.
   *
   * @param assumed 0 to 1, both excluded
   */
  public static Chance of(int well, int of, double assumed, Figures figures) {
    double weight = figures.of(LearningFigures.WEIGHT);
    var posterior =
        BetaDistribution.of(weight * assumed + well, weight * (1 - assumed) + of - well);
    double low = posterior.inverseCumulativeProbability(TAIL);
    double high = posterior.inverseSurvivalProbability(TAIL);
    return new Chance(
        well,
        of,
        assumed,
        low,
        posterior.getMean(),
        high,
        against(posterior, of, assumed, figures));
  }

  /** What is said of it, as a part of a sentence. */
  public String words() {
    return of == 0 ? "none to tell by yet" : against.words("better", "worse");
  }

  private static Against against(
      BetaDistribution posterior, int of, double assumed, Figures figures) {
    if (of < figures.count(LearningFigures.FEW)) {
      return Against.FEW;
    }
    double under = posterior.cumulativeProbability(assumed);
    return Against.of(under, figures);
  }
}
