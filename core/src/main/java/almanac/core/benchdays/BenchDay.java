package almanac.core.benchdays;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;

/**
 * A day on which somebody has time for the bench.
 *
 * @param minutes how much, from 1 to 1440
 */
public record BenchDay(LocalDate on, int minutes) {
  private static final int MOST = 1440;

  /**
   * @throws Refused if a day has no such minutes
   */
  public BenchDay {
    if (minutes < 1 || minutes > MOST) {
      throw new Refused(Entered.MINUTES, "A bench day has from 1 to %d minutes.".formatted(MOST));
    }
  }
}
