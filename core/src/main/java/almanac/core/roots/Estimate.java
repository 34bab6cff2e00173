package almanac.core.roots;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one flush of roots is taken to be after all that was read off it.
 *
 * @param speed how fast it grows
 * @param course how it grew at the likely speed
 * @param mmByLogSpeed how the likely length would change with the logarithm of the speed
 * @param rests the readings it rests on
 * @param slip the reading that fits the others so badly that it was left out
 */
record Estimate(
    RootSpeed speed,
    RootCourse course,
    double mmByLogSpeed,
    List<RootReading> rests,
    Optional<RootReading> slip) {
  /** Near enough to the peak for a parabola through three points. */
  private static final double STEP = 0.05;

  private static final int MOST_STEPS = 12;
  private static final double LONGEST_STEP = 0.3;
  private static final double NEAR = 5e-3;

  /** With fewer readings nobody can say which of them slipped. */
  private static final int TO_TELL_A_SLIP = 3;

  /** Off by so many standard errors, a reading is looked at more closely. */
  private static final double ODD = 2;

  /**
   * The likely speed and length. One slip of the ruler is left out.
   *
   * @param readings of one flush, at least one, oldest first
   * @param before what was thought of the speed before
   */
  static Estimate of(
      List<RootReading> readings, RootSpeed before, GrowthPace pace, Figures figures) {
    var all = peak(readings, before, pace, figures);
    if (readings.size() < TO_TELL_A_SLIP || all.course.worst() < ODD) {
      return all;
    }
    double slip = figures.of(RootFigures.SLIP);
    double least = all.course.weight() + slip * slip / 2;
    var best = all;
    for (int i = 0; i < readings.size(); i++) {
      var others = new ArrayList<>(readings);
      var left = others.remove(i);
      var without = peak(others, before, pace, figures);
      if (without.course.weight() > least) {
        least = without.course.weight();
        best =
            new Estimate(
                without.speed, without.course, without.mmByLogSpeed, others, Optional.of(left));
      }
    }
    return best;
  }

  /** The day of the last reading that counts. */
  LocalDate lastDay() {
    return rests.get(rests.size() - 1).on();
  }

  /**
   * The speed that fits best, and how sharply: a parabola through three points of the logarithm
   * leads to the peak, and its curve there is what is left of the doubt.
   */
  private static Estimate peak(
      List<RootReading> readings, RootSpeed before, GrowthPace pace, Figures figures) {
    double[] weeks = weeksBetween(readings, pace);
    if (readings.size() == 1) {
      var course = RootCourse.at(before.log(), readings, weeks, before, figures);
      return new Estimate(before, course, 0, readings, Optional.empty());
    }
    double broadest = 1 / (before.spread() * before.spread());
    double log = before.log();
    for (int i = 0; true; i++) {
      var slower = RootCourse.at(log - STEP, readings, weeks, before, figures);
      var there = RootCourse.at(log, readings, weeks, before, figures);
      var faster = RootCourse.at(log + STEP, readings, weeks, before, figures);
      double bend = (2 * there.weight() - slower.weight() - faster.weight()) / (STEP * STEP);
      double curve = Math.max(broadest / 2, bend);
      double step = (faster.weight() - slower.weight()) / (2 * STEP) / curve;
      if (Math.abs(step) < NEAR || i == MOST_STEPS) {
        return new Estimate(
            new RootSpeed(log, 1 / Math.sqrt(Math.max(broadest, curve))),
            there,
            (faster.mm() - slower.mm()) / (2 * STEP),
            readings,
            Optional.empty());
      }
      log += Math.max(-LONGEST_STEP, Math.min(LONGEST_STEP, step));
    }
  }

  private static double[] weeksBetween(List<RootReading> readings, GrowthPace pace) {
    var weeks = new double[readings.size() - 1];
    for (int i = 0; i < weeks.length; i++) {
      weeks[i] = pace.weeks(readings.get(i).on(), readings.get(i + 1).on());
    }
    return weeks;
  }
}
