package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * What nobody but the collector knows, and has to be said before a job is written into the journal.
 * Rules: The job at the bench.
 *
 * @param begunOn the day on which it was begun
 * @param on the day of the work, if it was told
 */
public record Unsaid(LocalDate begunOn, Optional<LocalDate> on, LocalDate today) {
  /** Whether it was open for so long that nobody but the collector knows when it was potted. */
  public boolean day(Figures figures) {
    return on.isEmpty()
        && ChronoUnit.DAYS.between(begunOn, today) >= figures.count(JobFigures.LEFT_OPEN_DAYS);
  }

  /**
   * @throws Refused naming what is not said: the day, the wider pot, or what became of it
   */
  public void refuse(JobAtHand job, Figures figures) {
    if (day(figures)) {
      throw new Refused(
          new JobField("on"), "It was begun days ago: say on which day it was worked on.");
    }
    if (job.work().intoAWiderPot() && job.refills() && job.told().into().pot().isEmpty()) {
      throw new Refused(new JobField("pot"), "It goes into a wider pot: say which it went into.");
    }
    if (job.has(Task.LET_GO) && job.told().ending().isEmpty()) {
      throw new Refused(
          new JobField("ending.became"),
          "Say what became of it, so that it is looked after no more.");
    }
  }
}
