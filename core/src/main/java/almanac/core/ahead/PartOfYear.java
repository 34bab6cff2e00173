package almanac.core.ahead;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Verdict;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What a part of the year will probably bring. Rules: The year ahead.
 *
 * @param from its first day
 * @param jobs how many moves
 * @param minutes how long they take together
 * @param byVerdict how many of each sort, on average
 * @param plants by each plant that may be moved in it, how likely that is, above 0 to 1
 */
public record PartOfYear(
    LocalDate from,
    Count jobs,
    Count minutes,
    Map<Verdict, Double> byVerdict,
    Map<String, Double> plants) {

  /** Adds up what comes in the runs of a part. */
  static final class Sum {
    private final LocalDate from;
    private final double[] jobs = new double[Futures.RUNS];
    private final double[] minutes = new double[Futures.RUNS];
    private final Map<Verdict, Integer> byVerdict = new EnumMap<>(Verdict.class);
    private final Map<String, Integer> plants = new TreeMap<>();

    Sum(LocalDate from) {
      this.from = from;
    }

    void add(MoveAhead move, int run) {
      jobs[run]++;
      minutes[run] += move.minutes();
      byVerdict.merge(move.verdict(), 1, Integer::sum);
      plants.merge(move.plant(), 1, Integer::sum);
    }

    PartOfYear part(Figures figures) {
      return new PartOfYear(
          from,
          Count.of(jobs, figures),
          Count.of(minutes, figures),
          ofEachRun(byVerdict),
          ofEachRun(plants));
    }

    private static <K> Map<K, Double> ofEachRun(Map<K, Integer> counts) {
      return counts.entrySet().stream()
          .collect(
              Collectors.toUnmodifiableMap(
                  Map.Entry::getKey, each -> (double) each.getValue() / Futures.RUNS));
    }
  }

  static List<PartOfYear> all(List<Sum> sums, Figures figures) {
    return sums.stream().map(sum -> sum.part(figures)).toList();
  }
}
