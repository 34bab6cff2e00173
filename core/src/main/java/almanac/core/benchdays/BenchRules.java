package almanac.core.benchdays;

import static ai.timefold.solver.core.api.score.stream.ConstraintCollectors.sum;
import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;

/**
 * The rules of a plan as the solver counts them. What is hard is never broken but by what somebody
 * pinned; a job without a day weighs more than any wish. Rules: Bench days.
 */
public final class BenchRules implements ConstraintProvider {
  private static final int HAZARD = 1000;
  private static final HardMediumSoftLongScore HARD = HardMediumSoftLongScore.ONE_HARD;
  private static final HardMediumSoftLongScore MEDIUM = HardMediumSoftLongScore.ONE_MEDIUM;
  private static final HardMediumSoftLongScore SOFT = HardMediumSoftLongScore.ONE_SOFT;

  @Override
  public Constraint[] defineConstraints(ConstraintFactory all) {
    return new Constraint[] {
      all.forEach(JobSeat.class)
          .groupBy(JobSeat::day, sum(seat -> seat.job().minutes()))
          .filter((day, minutes) -> minutes > day.room())
          .penalize(HARD, (day, minutes) -> minutes - day.room())
          .asConstraint(BenchRule.ROOM.name()),
      all.forEach(JobSeat.class)
          .penalize(HARD, seat -> seat.job().outside(seat.on()))
          .asConstraint(BenchRule.WINDOW.name()),
      all.forEach(JobSeat.class)
          .filter(seat -> seat.job().inFlower(seat.on()))
          .penalize(HARD)
          .asConstraint(BenchRule.FLOWERS.name()),
      all.forEachIncludingUnassigned(JobSeat.class)
          .filter(seat -> !seat.lies())
          .penalize(MEDIUM, seat -> 1 + weight(seat.job()))
          .asConstraint(BenchRule.PLACED.name()),
      all.forEach(JobSeat.class)
          .filter(seat -> seat.job().hazard())
          .penalize(MEDIUM, seat -> seat.job().offBest(seat.on()))
          .asConstraint(BenchRule.HAZARD.name()),
      all.forEachIncludingUnassigned(JobSeat.class)
          .filter(seat -> seat.job().late())
          .penalize(MEDIUM, BenchRules::overdue)
          .asConstraint(BenchRule.OVERDUE.name()),
      all.forEach(JobSeat.class)
          .filter(seat -> seat.job().late())
          .penalize(SOFT, seat -> seat.job().offBest(seat.on()))
          .asConstraint(BenchRule.LATE.name()),
      all.forEach(BenchDay.class)
          .ifNotExists(JobSeat.class, equal(day -> day, JobSeat::day))
          .ifExists(JobSeat.class, filtering(BenchRules::couldBeDone))
          .penalize(SOFT)
          .asConstraint(BenchRule.IDLE.name()),
      all.forEach(JobSeat.class)
          .penalize(SOFT, seat -> seat.job().offBest(seat.on()))
          .asConstraint(BenchRule.BEST.name()),
      all.forEach(JobSeat.class)
          .filter(seat -> !seat.job().mix().isEmpty())
          .groupBy(JobSeat::day, seat -> seat.job().mix())
          .penalize(SOFT)
          .asConstraint(BenchRule.MIX.name()),
      all.forEachIncludingUnassigned(JobSeat.class)
          .filter(BenchRules::moved)
          .penalize(SOFT)
          .asConstraint(BenchRule.STAYS.name())
    };
  }

  /** Whether what lies on a later day could be done on that one. */
  private static boolean couldBeDone(BenchDay day, JobSeat seat) {
    return !seat.pinned()
        && seat.on().isAfter(day.on())
        && seat.job().minutes() <= day.room()
        && seat.job().mayLieOn(day.on());
  }

  /** On no day it is as late as it may be. */
  private static int overdue(JobSeat seat) {
    var job = seat.job();
    int weeks = job.weeksLate(seat.lies() ? seat.on() : job.days().window().late());
    return weeks * weeks;
  }

  private static int weight(BenchJob job) {
    return (job.hazard() ? HAZARD : 0) + (int) Math.round(job.need());
  }

  private static boolean moved(JobSeat seat) {
    return seat.job()
        .days()
        .before()
        .filter(day -> !seat.lies() || !seat.on().equals(day))
        .isPresent();
  }
}
