package almanac.core.benchdays;

import almanac.core.bench.OwnPace;
import almanac.core.bench.Work;
import almanac.core.bench.WorkMinutes;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The job that a judgement of today asks for, or will ask for once something has come true. Rules:
 * Bench days.
 */
public final class JobAhead {
  private static final Set<Verdict> CANNOT_WAIT = Set.of(Verdict.RESCUE, Verdict.LET_GO);
  private static final Set<Verdict> NOTHING_MIXED = Set.of(Verdict.LIFT_AND_LOOK, Verdict.LET_GO);
  private static final Set<Step> OF_SUSPECTS = Set.of(Step.TREAT, Step.KEEP_APART, Step.OWN_BLADE);

  private JobAhead() {}

  /**
   * Where it lay in the last plan.
   *
   * @param pinned whether somebody chose that day
   */
  public record Laid(LocalDate on, boolean pinned) {}

  /**
   * The job as it is laid on bench days.
   *
   * @param window as {@link #window} says
   * @param work what it is about
   * @param comesLast whether its card says that it is done after all others
   * @param pace how fast this grower is
   */
  public static BenchJob of(
      String key,
      String plant,
      Judgement judged,
      Window window,
      Work work,
      boolean comesLast,
      OwnPace pace,
      Optional<Laid> laid,
      Figures figures) {
    var verdict = judged.verdict();
    return new BenchJob(
        key,
        plant,
        new BenchJob.Days(
            window,
            flowersOver(judged.timing()),
            laid.filter(Laid::pinned).map(Laid::on),
            laid.map(Laid::on)),
        pace.minutes(WorkMinutes.usual(work, figures)),
        CANNOT_WAIT.contains(verdict),
        judged.need(),
        NOTHING_MIXED.contains(verdict) ? "" : work.fresh().words(),
        soundness(comesLast, verdict, work));
  }

  /** From when, best when and until when it is done; nothing if nothing is asked for. */
  public static Optional<Window> window(Judgement judged, LocalDate today, Figures figures) {
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
    return Optional.of(soon(last(judged.timing(), today, figures), today, figures));
  }

  /** What may be done now is best done within some weeks, however long it may wait. */
  private static Window soon(LocalDate last, LocalDate today, Figures figures) {
    var weeks = today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN));
    var best = Window.between(today, last.isBefore(weeks) ? last : weeks).best();
    return new Window(today, best, last);
  }

  /** The last day; some weeks from today where that is over, or where none is meant. */
  private static LocalDate last(Timing timing, LocalDate today, Figures figures) {
    return timing
        .lastDay()
        .filter(day -> !day.isBefore(today))
        .orElse(today.plusDays(figures.count(JudgementFigures.REPOT_WITHIN)));
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
        .filter(JobAhead::onlyFlowers)
        .map(Wait::likely);
  }

  private static Soundness soundness(boolean comesLast, Verdict verdict, Work work) {
    if (comesLast
        || verdict == Verdict.LET_GO
        || work.method().steps().stream().anyMatch(OF_SUSPECTS::contains)) {
      return Soundness.SUSPECT;
    }
    return verdict == Verdict.RESCUE || verdict == Verdict.LIFT_AND_LOOK
        ? Soundness.DOUBTFUL
        : Soundness.HEALTHY;
  }
}
