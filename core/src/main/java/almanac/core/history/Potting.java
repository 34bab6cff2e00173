package almanac.core.history;

import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;

/**
 * One stay in a medium.
 *
 * @param pottedOn when it began, as exactly as anybody knows
 * @param knownSince the day since which the plant is certainly in it
 * @param mix the medium
 * @param moisture how wet it is kept
 */
public record Potting(PottedOn pottedOn, LocalDate knownSince, Mix mix, Moisture moisture) {

  /** The day from which looks speak for this potting; if it is unknown, they all do. */
  public LocalDate since() {
    return pottedOn instanceof PottedOn.Between between ? between.earliest() : LocalDate.MIN;
  }
}
