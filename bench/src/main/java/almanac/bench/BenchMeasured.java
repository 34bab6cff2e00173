package almanac.bench;

import almanac.core.figures.Figures;
import almanac.core.kinds.StandardKinds;
import almanac.core.pot.Outline;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.PotType;
import almanac.core.pot.Seats;
import almanac.core.pot.Spot;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
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
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** How long it takes to say where to cut, and into which pot. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(
    value = 1,
    jvmArgs = {"-XX:+UseSerialGC", "-Xmx2g"})
public class BenchMeasured {
  private static final int GROWTHS = 40;
  private static final int LEADS = 6;
  private static final int POTS = 50;
  private static final int LEAST = 3;

  private final Figures figures = Figures.standard();
  private final RhizomeMap map = map();
  private final Outline outline =
      new Outline(
          IntStream.range(0, GROWTHS)
              .mapToObj(
                  i ->
                      new Outline.Standing(
                          Spot.towards(47 * i, 3.0 * i), i < LEADS ? 60.0 * i : null))
              .toList(),
          12,
          40);
  private final List<Pot> pots =
      IntStream.range(0, POTS)
          .mapToObj(i -> new Pot(PotType.CLEAR, 100.0 + 6 * i, 100.0, ""))
          .toList();

  private static RhizomeMap map() {
    var random = new Random(7);
    var growths = new ArrayList<MapGrowth>();
    var joints = new ArrayList<Joint>();
    for (int i = 0; i < GROWTHS; i++) {
      var front = i >= GROWTHS - LEADS ? Front.LEAD : Front.SPENT;
      growths.add(
          new MapGrowth("g" + i, Firmness.FIRM, random.nextInt(4), random.nextBoolean(), front));
      if (i > 0) {
        int from = random.nextInt(3) == 0 ? random.nextInt(i) : i - 1;
        joints.add(new Joint("g" + from, "g" + i, random.nextInt(4) == 0));
      }
    }
    return new RhizomeMap(growths, joints);
  }

  /** All plans for a plant of forty growths with six leads. */
  @Benchmark
  public void plans(Blackhole hole) {
    hole.consume(CutPlans.of(map, LEAST, List.of()));
  }

  /** The same plant in each of fifty pots. */
  @Benchmark
  public void pots(Blackhole hole) {
    var move =
        PotMove.of(
            OptionalDouble.of(200),
            false,
            false,
            StandardKinds.named("other-sympodial").orElseThrow());
    hole.consume(new Seats(outline, move, figures).in(pots));
  }
}
