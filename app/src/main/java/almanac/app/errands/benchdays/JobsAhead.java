package almanac.app.errands.benchdays;

import almanac.app.errands.bench.Jobs;
import almanac.app.errands.benchdays.BenchDayTable.Lay;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.core.bench.OwnPace;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.JobAhead;
import almanac.core.judgement.verdict.Judgement;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The jobs that the judgements of today ask for, or will ask for once something has come true. */
@Component
class JobsAhead {
  private final Plants plants;
  private final Judging judging;
  private final Jobs jobs;
  private final Paces paces;

  JobsAhead(Plants plants, Judging judging, Jobs jobs, Paces paces) {
    this.plants = plants;
    this.judging = judging;
    this.jobs = jobs;
    this.paces = paces;
  }

  /** A job with the plant it is for, and how it was judged. */
  record Ahead(PlantInPlace plant, Judgement judged, BenchJob job) {}

  /**
   * In walking order.
   *
   * @param until what can only come after that day is none of them
   * @param laid where the jobs lay in the last plan
   */
  List<Ahead> on(LocalDate today, LocalDate until, Map<Long, Lay> laid) {
    var pace = paces.now();
    return plants.all().stream()
        .sorted(Walk.ORDER)
        .flatMap(
            plant -> ahead(plant, today, pace, Optional.ofNullable(laid.get(plant.id()))).stream())
        .filter(ahead -> !ahead.job().days().window().early().isAfter(until))
        .toList();
  }

  private Optional<Ahead> ahead(
      PlantInPlace plant, LocalDate today, OwnPace pace, Optional<Lay> laid) {
    var judged = judging.judge(plant, today);
    var figures = judging.figures();
    var since = judging.since(plant, today, judged);
    var before = laid.map(Lay::laid);
    return JobAhead.window(judged, since, today, figures)
        .map(
            window ->
                new Ahead(
                    plant,
                    judged,
                    JobAhead.of(
                        String.valueOf(plant.id()),
                        plant.called(),
                        judged,
                        window,
                        JobAhead.asked(judged, since, before, today),
                        jobs.ahead(plant, today),
                        plant.plant().comesLast(),
                        pace,
                        before,
                        figures)));
  }
}
