package almanac.core.ahead;

import almanac.core.bench.OwnPace;
import almanac.core.bench.Work;
import almanac.core.bench.WorkMinutes;
import almanac.core.benchdays.JobAhead;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.stock.Wanted;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * The next move of a plant, by its slip of today: what it asks for by now, what it waits for, or
 * what is to be expected of one that is left. Rules: The year ahead.
 */
public final class MoveForetold {
  private final String plant;
  private final Situation situation;
  private final Judge judge;
  private final Judgement judged;
  private final Figures figures;

  /**
   * @param plant by which its collection knows it
   * @param judged how it is judged today
   */
  public MoveForetold(
      String plant, Situation situation, Judge judge, Judgement judged, Figures figures) {
    this.plant = plant;
    this.situation = situation;
    this.judge = judge;
    this.judged = judged;
    this.figures = figures;
  }

  /** Whether a move is to be expected at all. */
  public boolean any() {
    return judged.verdict() != Verdict.LET_GO && judged.ahead().nextMove().isPresent();
  }

  /**
   * @param since when it was first asked for; nothing where it is not
   * @param work what would be done today
   * @param takes what that would take
   * @return nothing where no move is to be expected
   */
  public Optional<MoveAhead> move(
      Optional<LocalDate> since, Work work, Wanted takes, OwnPace pace) {
    return any() ? Optional.of(expected(since, work, takes, pace)) : Optional.empty();
  }

  private MoveAhead expected(Optional<LocalDate> since, Work work, Wanted takes, OwnPace pace) {
    var today = situation.today();
    var next = judged.ahead().nextMove().orElseThrow();
    boolean waits = judged.timing() instanceof Timing.Waits;
    var asked = waits ? Optional.<Window>empty() : JobAhead.window(judged, since, today, figures);
    var window =
        asked.orElseGet(() -> JobAhead.window(next, judged.ahead().deadline(), today, figures));
    return new MoveAhead(
        plant,
        work.verdict(),
        asked.map(MoveForetold::asked).orElseGet(() -> coming(next)),
        (int) ChronoUnit.DAYS.between(window.best(), window.late()),
        judged.need(),
        asked.isPresent() ? List.of() : shut(next),
        pace.minutes(WorkMinutes.usual(work, figures)),
        takes.chance(),
        takes.need());
  }

  /** When somebody finds the time for what is asked for by now, nobody knows. */
  private static Coming asked(Window window) {
    return new Coming(window.early(), window.best(), window.late());
  }

  private Coming coming(Wait next) {
    return Coming.of(next, situation.standsSince(), figures).notBefore(situation.today());
  }

  private List<LocalDate> shut(Wait next) {
    return MoveAhead.shut(judge.monthsAhead(situation, judged).weeks(), next.likely());
  }
}
