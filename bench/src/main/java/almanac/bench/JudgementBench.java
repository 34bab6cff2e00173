package almanac.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.history.Event;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.DecidingLook;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import org.openjdk.jmh.infra.Blackhole;

/** How long a judgement takes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(
    value = 1,
    jvmArgs = {"-XX:+UseSerialGC", "-Xmx2g"})
public class JudgementBench {
  private static final int FEW = 64;
  private static final int MANY = 5000;

  private final Figures figures = Figures.standard();
  private final Judge judge = new Judge(figures);
  private List<Situation> situations = List.of();
  private List<List<Event>> histories = List.of();
  private ManyPlants plants = new ManyPlants(1);
  private int next;

  @Setup
  public void plants() {
    plants = new ManyPlants(1);
    situations = Stream.generate(() -> plants.situation(plants.events())).limit(FEW).toList();
    histories = Stream.generate(plants::events).limit(MANY).toList();
  }

  /** One verdict with its reasons. */
  @Benchmark
  public Judgement one() {
    return judge.judge(any());
  }

  /** One verdict, the looks that would change it, and all four approaches. */
  @Benchmark
  public void oneInFull(Blackhole hole) {
    var situation = any();
    var judged = judge.judge(situation);
    List<DecidingLook> looks = new DecidingLooks(judge).of(situation, judged);
    hole.consume(looks);
    hole.consume(Comparison.all(situation, judged, figures));
  }

  /** Five thousand plants from their events of ten years; one operation is all of them. */
  @Benchmark
  public void aCollection(Blackhole hole) {
    for (var events : histories) {
      hole.consume(judge.judge(plants.situation(events)));
    }
  }

  /** The same plant by each approach, without the sentences that compare them. */
  @Benchmark
  public void fourApproaches(Blackhole hole) {
    var situation = any();
    IntStream.range(0, Approach.values().length)
        .forEach(i -> hole.consume(new Judge(figures, Approach.values()[i]).judge(situation)));
  }

  private Situation any() {
    next = (next + 1) % FEW;
    return situations.get(next);
  }
}
