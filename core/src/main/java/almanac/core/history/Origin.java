package almanac.core.history;

import java.util.Optional;

/**
 * Where a plant comes from.
 *
 * @param arrival how it came into the collection; nothing if nobody knows
 * @param from whom it came from, in the collector's own words
 * @param price what it cost, in the collector's own words
 * @param parents the cross, if known
 */
public record Origin(Optional<Arrival> arrival, String from, String price, String parents) {
  /** Of which nobody knows anything. */
  public static final Origin UNKNOWN = new Origin(Optional.empty(), "", "", "");
}
