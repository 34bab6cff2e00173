package almanac.core.potting;

import java.util.List;
import java.util.OptionalInt;

/** Days from watering to dry, by the pot's weight. */
public final class DryingOut {
  /** Dry is when nine tenths of the water that left in the end have left. */
  private static final double LEFT = 0.1;

  private static final int FEWEST_WEIGHTS = 3;

  private DryingOut() {}

  /**
   * The first day on which the pot was dry.
   *
   * @param grams one weight a day, the day of watering first, until it no longer gets lighter
   * @return nothing if there are too few weights, or it did not get lighter
   */
  public static OptionalInt days(List<Double> grams) {
    if (grams.size() < FEWEST_WEIGHTS) {
      return OptionalInt.empty();
    }
    double wet = grams.get(0);
    double dry = grams.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    if (wet <= dry) {
      return OptionalInt.empty();
    }
    double limit = dry + (wet - dry) * LEFT;
    for (int day = 1; day < grams.size(); day++) {
      if (grams.get(day) <= limit) {
        return OptionalInt.of(day);
      }
    }
    return OptionalInt.empty();
  }
}
