package almanac.core.ahead;

import almanac.core.figures.Figures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.Set;

/**
 * A day that is not known: before the earliest it comes once in twenty times, after the latest as
 * seldom, and as often before the likely one as after it. Rules: The year ahead.
 *
 * @param earliest not after the likely one
 * @param latest not before it
 */
public record Coming(LocalDate earliest, LocalDate likely, LocalDate latest) {
  /** So far from the middle of what is normal, in its deviations, lies one in twenty. */
  private static final double ONE_IN_TWENTY = 1.6449;

  /** What is reckoned from the day of the last potting, and to a single day. */
  private static final Set<WaitCondition> BY_THE_CLOCK =
      EnumSet.of(
          WaitCondition.MEDIUM_DUE,
          WaitCondition.RIM,
          WaitCondition.POT_FULL,
          WaitCondition.LAST_DAY);

  public Coming {
    if (earliest.isAfter(likely) || latest.isBefore(likely)) {
      throw new IllegalArgumentException(
          "%s, %s, %s are not in order".formatted(earliest, likely, latest));
    }
  }

  /**
   * When what is waited for comes. A medium does not turn to the day: what its clock says is as
   * uncertain as its life.
   *
   * @param standsSince since when the plant stands in its medium
   */
  public static Coming of(Wait wait, LocalDate standsSince, Figures figures) {
    long spread =
        wait.conditions().stream().anyMatch(BY_THE_CLOCK::contains)
            ? Math.round(
                Math.max(0, ChronoUnit.DAYS.between(standsSince, wait.likely()))
                    * figures.of(MomentFigures.LIFE_SPREAD)
                    / 100)
            : 0;
    var early = wait.likely().minusDays(spread);
    var late = wait.likely().plusDays(spread);
    return new Coming(
        early.isBefore(wait.earliest()) ? early : wait.earliest(),
        wait.likely(),
        late.isAfter(wait.latest()) ? late : wait.latest());
  }

  /** Not before a day, whatever comes. */
  Coming notBefore(LocalDate day) {
    return new Coming(later(earliest, day), later(likely, day), later(latest, day));
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }

  /**
   * The day that it comes to be.
   *
   * @param z how far from the middle, in deviations; negative for early
   */
  LocalDate at(double z) {
    double side = ChronoUnit.DAYS.between(likely, z < 0 ? earliest : latest);
    return likely.plusDays(Math.round(Math.abs(z) / ONE_IN_TWENTY * side));
  }
}
