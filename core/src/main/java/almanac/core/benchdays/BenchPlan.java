package almanac.core.benchdays;

import java.util.Comparator;
import java.util.List;

/**
 * Which jobs are done on which days.
 *
 * @param days in their order, also those on which nothing is done
 * @param left the jobs that found no day, the most needed first
 * @param cost how good it is
 */
public record BenchPlan(List<PlannedDay> days, List<Left> left, Cost cost) {
  public BenchPlan {
    days = List.copyOf(days);
    left = List.copyOf(left);
  }

  /**
   * What a plan costs; 0 is best, and the earlier counts above all later.
   *
   * @param broken minutes too many, days outside a window, plants moved in flower: only by pins
   * @param left how much need found no day, and days that hazards wait
   * @param wishes days off the best ones, mixes made again, jobs that went to another day
   */
  public record Cost(long broken, long left, long wishes) implements Comparable<Cost> {
    @Override
    public int compareTo(Cost other) {
      return Comparator.comparingLong(Cost::broken)
          .thenComparingLong(Cost::left)
          .thenComparingLong(Cost::wishes)
          .compare(this, other);
    }
  }
}
