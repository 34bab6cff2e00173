package almanac.core.rounds;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;

/** Days on which nobody is there to look, both ends included. */
public record Away(LocalDate from, LocalDate to) {
  /**
   * @throws Refused if it ends before it begins
   */
  public Away {
    if (to.isBefore(from)) {
      throw new Refused(Entered.AWAY, "%s lies before %s.".formatted(to, from));
    }
  }

  boolean on(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }
}
