package almanac.core.benchdays;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;

/**
 * A day on which somebody has time for the bench.
 *
 * @param minutes how much, from 1 to 1440
 * @param done how many of them went into jobs that are done; more than there were if they took
 *     longer
 */
public record BenchDay(LocalDate on, int minutes, int done) {
  private static final int MOST = 1440;

  /**
   * @throws Refused if a day has no such minutes
   */
  public BenchDay {
    if (minutes < 1 || minutes > MOST) {
      throw new Refused(Entered.MINUTES, "A bench day has from 1 to %d minutes.".formatted(MOST));
    }
  }

  /** One on which nothing was done yet. */
  public BenchDay(LocalDate on, int minutes) {
    this(on, minutes, 0);
  }

  /** The same after so many minutes of work. */
  public BenchDay after(int worked) {
    return new BenchDay(on, minutes, worked);
  }

  /** How many minutes are left for other jobs. */
  public int room() {
    return Math.max(0, minutes - done);
  }
}
