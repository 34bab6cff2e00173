package almanac.core.sheet;

import almanac.core.history.Fate;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A plant as a row tells of it.
 *
 * @param row as the spreadsheet counts it
 * @param number its own; blank if it is given one
 * @param kindWords what stands for its kind
 */
public record RowTold(
    int row,
    String number,
    String label,
    String kindWords,
    KindChoice kind,
    PlaceChoice place,
    PottedIn potted,
    CameIn came,
    String notes,
    Fate fate) {

  /**
   * What it stands in.
   *
   * @param mix nothing if it does not say
   */
  public record PottedIn(PottedOn pottedOn, Optional<Mix> mix, Pot pot) {}

  /**
   * How it came.
   *
   * @param arrivedOn nothing if nobody knows the day
   */
  public record CameIn(
      Optional<LocalDate> arrivedOn, String cameFrom, String price, String parents) {}
}
