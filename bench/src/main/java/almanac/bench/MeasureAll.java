package almanac.bench;

import almanac.core.benchdays.LongerRun;
import java.util.Comparator;
import java.util.Map;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the measurements and holds them against what is wanted. */
public final class MeasureAll {
  /** At most so many µs. */
  private static final Map<String, Double> WANTED =
      Map.of(
          "one", 120.0,
          "oneInFull", 2000.0,
          "aCollection", 700_000.0,
          "plans", 50_000.0,
          "pots", 5_000.0,
          "rounds", 200_000.0);

  private static final double MEDIAN = 50;
  private static final double MOST = 90;

  private MeasureAll() {}

  public static void main(String[] args) throws RunnerException {
    var options =
        new OptionsBuilder()
            .include(args.length > 0 ? args[0] : "almanac.bench")
            .addProfiler(GCProfiler.class)
            .verbosity(VerboseMode.SILENT)
            .build();
    System.out.println(
        "Judging, dividing and potting on one core; median of single calls, nine tenths of them within:");
    new Runner(options)
        .run().stream()
            .sorted(Comparator.comparing(result -> result.getPrimaryResult().getScore()))
            .forEach(MeasureAll::say);
    LongerRun.say();
  }

  private static void say(RunResult result) {
    var name = result.getPrimaryResult().getLabel();
    var times = result.getPrimaryResult().getStatistics();
    double median = times.getPercentile(MEDIAN);
    var wanted = WANTED.get(name);
    var allocated = result.getSecondaryResults().get("gc.alloc.rate.norm");
    System.out.printf(
        "  %-16s %,10.1f µs, %,10.1f µs%s, %,.0f bytes%n",
        name,
        median,
        times.getPercentile(MOST),
        wanted == null ? "" : "; wanted %,.0f µs: %.2f of it".formatted(wanted, median / wanted),
        allocated == null ? 0 : allocated.getScore());
  }
}
