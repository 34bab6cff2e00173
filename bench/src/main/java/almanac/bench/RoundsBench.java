package almanac.bench;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.rounds.Rounds;
import almanac.core.rounds.RoundsPlan;
import almanac.core.rounds.ToLook;
import almanac.core.rounds.WalkingDays;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long it takes to lay twenty thousand checks on rounds. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(
    value = 1,
    jvmArgs = {"-XX:+UseSerialGC", "-Xmx2g"})
public class RoundsBench {
  private static final int CHECKS = 20_000;
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  private static final WalkingDays DAYS =
      new WalkingDays(
          EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), List.of());

  private List<ToLook<Integer>> checks = List.of();

  @Setup
  public void checks() {
    var random = new Random(20);
    checks =
        IntStream.range(0, CHECKS)
            .mapToObj(
                i -> {
                  int early = random.nextInt(60) - 30;
                  int best = early + random.nextInt(10);
                  return new ToLook<>(
                      i,
                      new Window(
                          TODAY.plusDays(early),
                          TODAY.plusDays(best),
                          TODAY.plusDays(best + random.nextInt(20))));
                })
            .toList();
  }

  @Benchmark
  public RoundsPlan<Integer> rounds() {
    return Rounds.plan(checks, DAYS, TODAY, Figures.standard());
  }
}
