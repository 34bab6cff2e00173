package almanac.app.journal;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What stands on a plant's card, outside its journal.
 *
 * @param number unique in the collection
 * @param label copied letter by letter
 * @param believed the name it is believed to have; empty if the label is believed
 * @param confirmed the name confirmed on flowering; empty until then
 * @param parents the cross, if known
 * @param status where it is in its life here
 * @param statusReason why it was given away or lost
 * @param notes in the collector's own words
 * @param cameFrom where it came from
 * @param price what it cost, in the collector's own words
 * @param motherId the plant it was divided from
 * @param stand its place on the bench, counted along the walk
 * @param asideOn the day it was pulled aside for the bench; null if it was not
 * @param apartSince kept apart from the others since that day; null if it is not
 * @param heldSince held in the pot it came in since that day; null if it is not
 */
public record Facts(
    String number,
    String label,
    String believed,
    String confirmed,
    String parents,
    PlantStatus status,
    String statusReason,
    String notes,
    String cameFrom,
    String price,
    @Nullable Long motherId,
    int stand,
    @Nullable LocalDate asideOn,
    @Nullable LocalDate apartSince,
    @Nullable LocalDate heldSince) {

  /** The name to go by: confirmed before believed before the label. */
  public String name() {
    if (!confirmed.isEmpty()) {
      return confirmed;
    }
    return believed.isEmpty() ? label : believed;
  }

  /** The same card with what the plant is believed to be, and why. */
  public Facts believedToBe(String other, String because) {
    return new Facts(
        number,
        label,
        other,
        confirmed,
        parents,
        status,
        statusReason,
        because,
        cameFrom,
        price,
        motherId,
        stand,
        asideOn,
        apartSince,
        heldSince);
  }

  /** The same card of a plant that is kept apart, and perhaps held in the pot it came in. */
  public Facts apart(
      String from, String paid, @Nullable LocalDate apart, @Nullable LocalDate held) {
    return new Facts(
        number,
        label,
        believed,
        confirmed,
        parents,
        status,
        statusReason,
        notes,
        from,
        paid,
        motherId,
        stand,
        asideOn,
        apart,
        held);
  }
}
