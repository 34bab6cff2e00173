package almanac.core.inspection;

import almanac.core.words.Measure;

/**
 * What is measured at a look.
 *
 * @param words what the number is, such as "longest"
 * @param measure what it counts
 * @param least the smallest that makes sense
 * @param most the largest that makes sense
 */
public record Measurement(String words, Measure measure, double least, double most) {
  /** No root or growth on a shelf is longer than three metres. */
  private static final double LONGEST_MM = 3000;

  private static final double SMALLEST_MM = 0.1;
  private static final double LONGEST_TO_DRY_DAYS = 120;
  private static final double MOST_PH = 14;

  /** Brackish water; what feeds a plant has a tenth of it at the most. */
  private static final double MOST_MS_PER_CM = 20;

  /** More growths or spikes nobody counts. */
  private static final double MOST_COUNTED = 99;

  static Measurement length(String words) {
    return new Measurement(words, Measure.MM, SMALLEST_MM, LONGEST_MM);
  }

  /** A distance that may lie beyond its mark, below zero. */
  static Measurement distance(String words) {
    return new Measurement(words, Measure.MM, -LONGEST_MM, LONGEST_MM);
  }

  static Measurement days(String words) {
    return new Measurement(words, Measure.DAYS, 1, LONGEST_TO_DRY_DAYS);
  }

  static Measurement ph(String words) {
    return new Measurement(words, Measure.PH, 0, MOST_PH);
  }

  static Measurement conductivity(String words) {
    return new Measurement(words, Measure.MS_PER_CM, 0, MOST_MS_PER_CM);
  }

  static Measurement count(String words) {
    return new Measurement(words, Measure.COUNT, 0, MOST_COUNTED);
  }

  static Measurement percent(String words) {
    return new Measurement(words, Measure.PERCENT, 0, 100);
  }

  String rangeInWords() {
    return measure == Measure.PH
        ? "a pH lies between 0 and 14"
        : "it goes from %s to %s".formatted(measure.of(least), measure.of(most));
  }
}
