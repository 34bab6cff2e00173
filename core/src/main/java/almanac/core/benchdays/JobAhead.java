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
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The job that a judgement of today asks for, or will ask for once something has come true. Rules:
 * Bench days.
 */
public final class JobAhead {
  private static final Set<Verdict> CANNOT_WAIT = Set.of(Verdict.RESCUE, Verdict.LET_GO);
  private static final Set<WaitCondition> STAYS_TRUE =
      EnumSet.of(
          WaitCondition.LIGHT,
          WaitCondition.WARMTH,
          WaitCondition.REST_OVER,
          WaitCondition.FLOWERS_OVER,
          WaitCondition.SETTLED,
          WaitCondition.EYE,
          WaitCondition.WATER,
          WaitCondition.MEDIUM_DUE,
          WaitCondition.RIM,
          WaitCondition.POT_FULL);
  private static final Set<Verdict> NOTHING_MIXED = Set.of(Verdict.LIFT_AND_LOOK, Verdict.LET_GO);
  private static final Set<Step> OF_SUSPECTS = Set.of(Step.TREAT, Step.KEEP_APART, Step.OWN_BLADE);

  private JobAhead() {}

  /**
   * Where it lay in the last plan.
   *
   * @param pinned whether somebody chose that day
   * @param missed the last day before it on which it lay and was not done
   */
  public record Laid(LocalDate on, boolean pinned, Optional<LocalDate> missed) {
    /** The last day that is over and on which it lay; nothing if there is none. */
    public Optional<LocalDate> missed(LocalDate today) {
      return on.isBefore(today) ? Optional.of(on) : missed;
    }
  }

  /**
   * The job as it is laid on bench days.
   *
   * @param window as {@link #window} says
   * @param asked since when and by when, for what is asked for now
   * @param work what it is about
   * @param comesLast whether its card says that it is done after all others
   * @param pace how fast this grower is
   */
  public static BenchJob of(
      String key,
      String plant,
      Judgement judged,
      Window window,
      Optional<AskedFor> asked,
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
            laid.map(Laid::on),
            asked),
        pace.minutes(WorkMinutes.usual(work, figures)),
        CANNOT_WAIT.contains(verdict),
        judged.need(),
        NOTHING_MIXED.contains(verdict) ? "" : work.fresh().words(),
        soundness(comesLast, verdict, work));
  }

  /**
   * From when, best when and until when it is done; nothing if nothing is asked for.
   *
   * @param since when it was first asked for; nothing where it waits
   */
  public static Optional<Window> window(
      Judgement judged, Optional<LocalDate> since, LocalDate today, Figures figures) {
    if (judged.timing() instanceof Timing.Waits waits) {
      return Optional.of(window(waits.awaited(), judged.ahead().deadline(), today, figures));
    }
    if (!judged.verdict().inHand()) {
      return Optional.empty();
    }
    if (CANNOT_WAIT.contains(judged.verdict())) {
      return Optional.of(
          new Window(today, today, today.plusDays(figures.count(DayFigures.HAZARD_DAYS))));
    }
    return Optional.of(soon(judged.timing(), since.orElse(today), today, figures));
  }

  /** Since when it has been asked for, and by when. */
  public static Optional<AskedFor> asked(
      Judgement judged, Optional<LocalDate> since, Optional<Laid> laid, LocalDate today) {
    return since.map(
        day ->
            new AskedFor(day, judged.timing().lastDay(), laid.flatMap(each -> each.missed(today))));
  }

  /**
   * What may be done now is best done within some weeks of the day on which it was first asked for,
   * however long it may wait. What is late is done as soon as may be.
   */
  private static Window soon(Timing timing, LocalDate since, LocalDate today, Figures figures) {
    int some = figures.count(JudgementFigures.REPOT_WITHIN);
    var weeks = since.plusDays(some);
    var by = timing.lastDay().orElse(weeks);
    if (by.isBefore(today)) {
      return new Window(today, today, today.plusDays(some));
    }
    return new Window(since, Window.between(since, by.isBefore(weeks) ? by : weeks).best(), by)
        .notBefore(today);
  }

  /**
   * Where nothing but flowers is in the way, they are what is said to be in the way. What waits for
   * no more than its last day may be done in the weeks before it; what stays true once it has come
   * true leaves some weeks after it, as far as its deadline allows.
   */
  public static Window window(
      Wait wait, Optional<LocalDate> deadline, LocalDate today, Figures figures) {
    int weeks = figures.count(JudgementFigures.REPOT_WITHIN);
    var conditions = wait.conditions();
    if (conditions.equals(List.of(WaitCondition.LAST_DAY))) {
      return new Window(wait.latest().minusDays(weeks), wait.likely(), wait.latest())
          .notBefore(today);
    }
    var late = wait.latest();
    if (STAYS_TRUE.containsAll(conditions)) {
      var after = wait.likely().plusDays(weeks);
      var last = deadline.filter(after::isAfter).orElse(after);
      late = last.isAfter(late) ? last : late;
    }
    return new Window(onlyFlowers(wait) ? today : wait.earliest(), wait.likely(), late)
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
