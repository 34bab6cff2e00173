package almanac.core.roots;

import almanac.core.figures.Figures;
import java.util.List;

/**
 * One flush of roots as it would have grown at a speed: a filter that goes from reading to reading,
 * weighing what the speed foretells against what was read.
 *
 * @param weight logarithm of how well speed and readings fit, the speed's own likelihood included
 * @param mm the likely length on the day of the last reading
 * @param variance of that length, mm²
 * @param worst by how many standard errors the reading that fits worst lies off
 */
record RootCourse(double weight, double mm, double variance, double worst) {

  /**
   * @param weeks of full growth between each reading and the next
   */
  static RootCourse at(
      double logSpeed,
      List<RootReading> readings,
      double[] weeks,
      RootSpeed before,
      Figures figures) {
    double speed = Math.exp(logSpeed);
    double weather = square(speed * figures.of(RootFigures.WEATHER) / 100);
    double mm = readings.get(0).mm();
    double variance = square(readings.get(0).error());
    double weight = -square((logSpeed - before.log()) / before.spread()) / 2;
    double worst = 0;
    for (int i = 1; i < readings.size(); i++) {
      var reading = readings.get(i);
      mm += speed * weeks[i - 1];
      variance += weather * varied(weeks[i - 1]);
      double expected = variance + square(reading.error());
      double off = reading.mm() - mm;
      weight -= (Math.log(expected) + square(off) / expected) / 2;
      worst = Math.max(worst, Math.abs(off) / Math.sqrt(expected));
      double trust = variance / expected;
      mm += trust * off;
      variance *= 1 - trust;
    }
    return new RootCourse(weight, mm, variance, worst);
  }

  /** The variance of growth over so many weeks, each with weather of its own that errs by 1. */
  static double varied(double weeks) {
    return weeks > 1 ? weeks - 1.0 / 3 : square(weeks) * (1 - weeks / 3);
  }

  private static double square(double value) {
    return value * value;
  }
}
