package almanac.app.errands.benchdays;

import almanac.app.errands.bench.Jobs;
import almanac.app.errands.benchdays.BenchDayTable.Lay;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.core.bench.OwnPace;
import almanac.core.bench.Work;
import almanac.core.bench.WorkMinutes;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.DayFigures;
import almanac.core.benchdays.Soundness;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.judgement.verdict.Wait;
import almanac.core.judgement.verdict.WaitCondition;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The jobs that the judgements of today ask for, or will ask for once something has come true. */
@Component
class JobsAhead {
  private static final Set<Verdict> CANNOT_WAIT = Set.of(Verdict.RESCUE, Verdict.LET_GO);
  private static final Set<Verdict> NOTHING_MIXED = Set.of(Verdict.LIFT_AND_LOOK, Verdict.LET_GO);
  private static final Set<Step> OF_SUSPECTS = Set.of(Step.TREAT, Step.KEEP_APART, Step.OWN_BLADE);

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
        .filter(ahead -> !ahead.job().window().early().isAfter(until))
        .toList();
  }

  private Optional<Ahead> ahead(
      PlantInPlace plant, LocalDate today, OwnPace pace, Optional<Lay> laid) {
    var judged = judging.judge(plant, today);
    return window(judged, today, judging.figures())
        .map(
            window -> {
              var work = jobs.ahead(plant, today);
              var verdict = judged.verdict();
              return new Ahead(
                  plant,
                  judged,
                  new BenchJob(
                      String.valueOf(plant.id()),
                      plant.name(),
                      window,
                      pace.minutes(WorkMinutes.usual(work, judging.figures())),
                      CANNOT_WAIT.contains(verdict),
                      judged.need(),
                      NOTHING_MIXED.contains(verdict) ? "" : work.fresh().words(),
                      soundness(plant, verdict, work),
                      flowersOver(judged.timing()),
                      laid.filter(Lay::pinned).map(Lay::on),
                      laid.map(Lay::on)));
            });
  }

  private static Optional<Window> window(Judgement judged, LocalDate today, Figures figures) {
    if (judged.timing() instanceof Timing.Waits waits) {
      return Optional.of(window(waits.awaited(), today));
    }
    if (!judged.verdict().inHand()) {
      return Optional.empty();
    }
    if (CANNOT_WAIT.contains(judged.verdict())) {
      return Optional.of(
          new Window(today, today, today.plusDays(figures.count(DayFigures.HAZARD_DAYS))));
    }
    if (judged.timing() instanceof Timing.Between between) {
      return Optional.of(Window.between(today, between.until()));
    }
    return Optional.of(
        Window.between(
            today,
            judged.timing() instanceof Timing.Until until
                ? until.until()
                : today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN))));
  }

  /** Where nothing but flowers is in the way, they are what is said to be in the way. */
  private static Window window(Wait wait, LocalDate today) {
    return new Window(onlyFlowers(wait) ? today : wait.earliest(), wait.likely(), wait.latest())
        .notBefore(today);
  }

  private static boolean onlyFlowers(Wait wait) {
    return wait.conditions().equals(List.of(WaitCondition.FLOWERS_OVER));
  }

  private static Optional<LocalDate> flowersOver(Timing timing) {
    return Optional.of(timing)
        .filter(Timing.Waits.class::isInstance)
        .map(waits -> ((Timing.Waits) waits).awaited())
        .filter(JobsAhead::onlyFlowers)
        .map(Wait::likely);
  }

  private static Soundness soundness(PlantInPlace plant, Verdict verdict, Work work) {
    if (plant.card().comesLast()
        || verdict == Verdict.LET_GO
        || work.method().steps().stream().anyMatch(OF_SUSPECTS::contains)) {
      return Soundness.SUSPECT;
    }
    return verdict == Verdict.RESCUE || verdict == Verdict.LIFT_AND_LOOK
        ? Soundness.DOUBTFUL
        : Soundness.HEALTHY;
  }
}
