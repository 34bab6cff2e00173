package almanac.core.benchdays;

import almanac.core.checks.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Springs as a collector may have them: some weekends, many jobs, a few that cannot wait. */
final class Seasons {
  static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final List<String> MIXES = List.of("bark", "fine bark", "moss", "stone", "");

  private Seasons() {}

  record Season(List<BenchJob> jobs, List<BenchDay> days) {}

  static Season of(long seed) {
    var random = new Random(seed);
    return of(random, 4 + random.nextInt(12), 2 + random.nextInt(4));
  }

  static Season of(Random random, int jobs, int days) {
    var all = new ArrayList<BenchJob>();
    for (int i = 0; i < jobs; i++) {
      all.add(job(random, i));
    }
    var bench = new ArrayList<BenchDay>();
    for (int i = 0, on = random.nextInt(3); i < days; i++, on += 1 + random.nextInt(9)) {
      bench.add(new BenchDay(TODAY.plusDays(on), 30 + 15 * random.nextInt(13)));
    }
    return new Season(all, bench);
  }

  private static BenchJob job(Random random, int i) {
    boolean hazard = random.nextInt(12) == 0;
    int early = hazard ? 0 : random.nextInt(20);
    int best = hazard ? 0 : early + random.nextInt(15);
    int late = hazard ? 1 : best + random.nextInt(15);
    int minutes = 15 * (1 + random.nextInt(6));
    double need = hazard ? 100 : random.nextInt(100);
    var mix = MIXES.get(random.nextInt(MIXES.size()));
    var soundness = Soundness.values()[random.nextInt(3)];
    var flowersOver =
        !hazard && random.nextInt(5) == 0
            ? Optional.of(TODAY.plusDays(random.nextInt(30)))
            : Optional.<LocalDate>empty();
    var window = new Window(TODAY.plusDays(early), TODAY.plusDays(best), TODAY.plusDays(late));
    return new BenchJob(
        "j" + i,
        "Plant " + i,
        new BenchJob.Days(
            window, flowersOver, Optional.empty(), Optional.empty(), Optional.empty()),
        minutes,
        hazard,
        need,
        mix,
        soundness);
  }
}
