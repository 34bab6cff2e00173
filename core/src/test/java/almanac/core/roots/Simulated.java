package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A root that grows at a speed of its own, a little faster or slower every week, and is read off
 * with a ruler that errs.
 *
 * @param looks what was read off
 * @param passed the day on which it really passed 100 mm
 */
record Simulated(List<RootLook> looks, LocalDate passed) {
  static final LocalDate FIRST = LocalDate.of(2027, 5, 1);
  static final double SPREAD = 0.30;
  static final double WEATHER = 0.15;
  static final double RULER = 2;
  private static final double FAR = 100;

  /**
   * @param kind speed of the kind, mm a week
   * @param readings how many times it is measured
   * @param gap days between
   */
  static List<Simulated> roots(double kind, int readings, int gap, int many) {
    var random = new Random(1000L * readings + gap);
    var roots = new ArrayList<Simulated>();
    while (roots.size() < many) {
      var root = root(kind, readings, gap, random);
      if (root.looks.get(readings - 1).on().isBefore(root.passed)) {
        roots.add(root);
      }
    }
    return roots;
  }

  private static Simulated root(double kind, int readings, int gap, Random random) {
    double speed = kind * Math.exp(SPREAD * random.nextGaussian());
    double mm = 2 + 18 * random.nextDouble();
    int weekday = random.nextInt(7);
    double week = 1 + WEATHER * random.nextGaussian();
    var looks = new ArrayList<RootLook>();
    int day = 0;
    while (mm < FAR || looks.size() < readings) {
      if (day % gap == 0 && looks.size() < readings) {
        looks.add(read(day, mm, random));
      }
      if ((day + weekday) % 7 == 0) {
        week = 1 + WEATHER * random.nextGaussian();
      }
      mm += speed / 7 * week;
      day++;
      if (mm >= FAR && looks.size() < readings) {
        looks.add(read(day, mm, random));
        while (looks.size() < readings) {
          looks.add(looks.get(0));
        }
        return new Simulated(looks, FIRST);
      }
    }
    return new Simulated(looks, FIRST.plusDays(day));
  }

  private static RootLook read(int day, double mm, Random random) {
    double read = Math.max(0.5, mm + RULER * random.nextGaussian());
    return new RootLook(
        FIRST.plusDays(day), RootStage.ofLength(read, Figures.standard()), OptionalDouble.of(read));
  }

  LocalDate lastRead() {
    return looks.get(looks.size() - 1).on();
  }

  /** Days until 100 mm by the mean over every speed it could have, each as likely as it fits. */
  double exactDays(double kind) {
    double weights = 0;
    double days = 0;
    for (int i = -140; i <= 140; i++) {
      double off = i / 40.0;
      double speed = kind * Math.exp(SPREAD * off);
      double mm = looks.get(0).longestMm().orElseThrow();
      double variance = RULER * RULER;
      double fits = -off * off / 2;
      for (int j = 1; j < looks.size(); j++) {
        double weeks = (looks.get(j).on().toEpochDay() - looks.get(j - 1).on().toEpochDay()) / 7.0;
        mm += speed * weeks;
        variance += Math.pow(speed * WEATHER, 2) * (weeks > 1 ? weeks - 1.0 / 3 : weeks * weeks);
        double expected = variance + RULER * RULER;
        double read = looks.get(j).longestMm().orElseThrow() - mm;
        fits -= (Math.log(expected) + read * read / expected) / 2;
        mm += variance / expected * read;
        variance *= 1 - variance / expected;
      }
      double weight = Math.exp(fits);
      weights += weight;
      days += weight * 7 * Math.max(0, FAR - mm) / speed;
    }
    return days / weights;
  }
}
