package almanac.core.benchdays;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Holds a plan of bench days against what a much longer search finds. */
public final class LongerRun {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 3);
  private static final int JOBS = 60;
  private static final int DAYS = 10;
  private static final int LONGER = 20;
  private static final double NANOS = 1e9;

  private LongerRun() {}

  public static void say() {
    var random = new Random(14);
    var jobs = new ArrayList<BenchJob>();
    for (int i = 0; i < JOBS; i++) {
      jobs.add(job(random, i));
    }
    var days = new ArrayList<BenchDay>();
    for (int i = 0; i < DAYS; i++) {
      days.add(new BenchDay(TODAY.plusDays(7L * (i / 2) + i % 2), 180));
    }
    BenchPlans.plan(jobs.subList(0, 5), days, TODAY, Figures.standard());
    long began = System.nanoTime();
    var plan = BenchPlans.plan(jobs, days, TODAY, Figures.standard());
    double seconds = (System.nanoTime() - began) / NANOS;
    began = System.nanoTime();
    var seats = jobs.stream().map(job -> new JobSeat(job, null, false)).toList();
    var board = new Board(days, seats, Weights.of(Figures.standard(), Set.of()));
    var longer = new Counted(Solving.counting(), Solving.solve(board, LONGER, new Asker())).score();
    System.out.printf(
        "%d jobs on %d bench days: %.1f s, need left %d, wishes %d; a search %d times as long"
            + " (%.0f s): %d, %d%n",
        JOBS,
        DAYS,
        seconds,
        plan.cost().left(),
        plan.cost().wishes(),
        LONGER,
        (System.nanoTime() - began) / NANOS,
        -longer.mediumScore(),
        -longer.softScore());
  }

  private static BenchJob job(Random random, int i) {
    int early = random.nextInt(20);
    int best = early + random.nextInt(12);
    return new BenchJob(
        "j" + i,
        "Plant " + i,
        new BenchJob.Days(
            new Window(
                TODAY.plusDays(early),
                TODAY.plusDays(best),
                TODAY.plusDays(best + random.nextInt(12))),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty()),
        15 + 15 * random.nextInt(4),
        false,
        random.nextInt(100),
        List.of("bark", "fine bark", "moss", "stone").get(random.nextInt(4)),
        Soundness.HEALTHY);
  }
}
