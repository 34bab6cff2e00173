package almanac.core.taught;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * By which day half of all had come to something that nobody watches: each is known to have come to
 * it after one look and by another, or not to have by its last. Turnbull's estimate, by
 * self-consistency; a day between two looks is told as the two.
 *
 * @param cases how many are known of
 * @param after the half lies after that day; nothing if less than half came to it
 * @param by and by that one
 */
public record HowLong(int cases, OptionalInt after, OptionalInt by) {
  private static final int ROUNDS = 1000;
  private static final double SETTLED = 1e-8;
  private static final double HALF = 0.5;

  /**
   * When one came to it.
   *
   * @param after the last day on which it had not
   * @param by the first day on which it had; {@link #NEVER} if nobody saw that
   */
  public record Between(int after, int by) {
    public static final int NEVER = Integer.MAX_VALUE;

    /**
     * @throws IllegalArgumentException if the second does not come after the first
     */
    public Between {
      if (by <= after) {
        throw new IllegalArgumentException(by + " does not come after " + after);
      }
    }
  }

  /** What some cases tell. */
  public static HowLong of(List<Between> cases) {
    var steps = steps(cases);
    var mass = settled(cases, steps);
    double sum = 0;
    for (int i = 0; i < steps.size(); i++) {
      sum += mass[i];
      if (sum >= HALF - SETTLED && steps.get(i).by() != Between.NEVER) {
        return new HowLong(
            cases.size(), OptionalInt.of(steps.get(i).after()), OptionalInt.of(steps.get(i).by()));
      }
    }
    return new HowLong(cases.size(), OptionalInt.empty(), OptionalInt.empty());
  }

  /** Where the estimate can rise: from the start of one case to the next end of any. */
  private static List<Between> steps(List<Between> cases) {
    var starts = new TreeSet<Integer>();
    var ends = new TreeSet<Integer>();
    cases.forEach(
        each -> {
          starts.add(each.after());
          ends.add(each.by());
        });
    var steps = new ArrayList<Between>();
    for (var start : starts) {
      var end = ends.higher(start);
      var next = starts.higher(start);
      if (end != null && (next == null || next >= end)) {
        steps.add(new Between(start, end));
      }
    }
    return steps;
  }

  /** Cases of the same two days, with the first and the last step that lies between them. */
  private record Same(int many, int first, int last) {}

  private static double[] settled(List<Between> cases, List<Between> steps) {
    var same = same(cases, steps);
    var mass = new double[steps.size()];
    Arrays.fill(mass, 1.0 / Math.max(1, steps.size()));
    for (int round = 0; round < ROUNDS; round++) {
      var before = mass;
      mass = again(before, same, cases.size());
      double moved = 0;
      for (int i = 0; i < mass.length; i++) {
        moved = Math.max(moved, Math.abs(mass[i] - before[i]));
      }
      if (moved < SETTLED) {
        break;
      }
    }
    return mass;
  }

  private static List<Same> same(List<Between> cases, List<Between> steps) {
    return cases.stream()
        .collect(Collectors.groupingBy(each -> each, Collectors.summingInt(each -> 1)))
        .entrySet()
        .stream()
        .map(
            each -> {
              var inside =
                  IntStream.range(0, steps.size())
                      .filter(i -> covers(each.getKey(), steps.get(i)))
                      .summaryStatistics();
              return new Same(each.getValue(), inside.getMin(), inside.getMax());
            })
        .toList();
  }

  /** Each case is spread over its steps as all cases together lie on them. */
  private static double[] again(double[] mass, List<Same> same, int cases) {
    var upTo = new double[mass.length + 1];
    for (int i = 0; i < mass.length; i++) {
      upTo[i + 1] = upTo[i] + mass[i];
    }
    var from = new double[mass.length + 1];
    for (var each : same) {
      double share = each.many() / (upTo[each.last() + 1] - upTo[each.first()]) / cases;
      from[each.first()] += share;
      from[each.last() + 1] -= share;
    }
    var next = new double[mass.length];
    double share = 0;
    for (int i = 0; i < mass.length; i++) {
      share += from[i];
      next[i] = mass[i] * share;
    }
    return next;
  }

  private static boolean covers(Between each, Between step) {
    return step.after() >= each.after() && step.by() <= each.by();
  }
}
