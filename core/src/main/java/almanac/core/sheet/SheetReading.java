package almanac.core.sheet;

import java.util.List;

/**
 * What a sheet says, as it is understood so far.
 *
 * @param plants those that can be brought in
 * @param faults what cannot be right; as long as there are any, nothing is brought in
 * @param doubts what was taken for something that it does not quite say
 * @param kinds what stands for kinds, and which are meant
 * @param places what stands for places, and which are meant
 * @param days in which order days are written
 * @param bareSizes how many pots are measured without a unit
 */
public record SheetReading(
    List<RowTold> plants,
    List<Remark> faults,
    List<Remark> doubts,
    List<KindWords> kinds,
    List<PlaceWords> places,
    DayOrder days,
    int bareSizes) {

  /**
   * What stands for a kind.
   *
   * @param words as they stand in the sheet first
   * @param rows how many rows have them
   * @param choice null if nobody knows
   * @param sure whether there is no doubt that it is meant
   */
  public record KindWords(
      String words, int rows, @org.jspecify.annotations.Nullable KindChoice choice, boolean sure) {}

  /**
   * What stands for a place.
   *
   * @param words as they stand in the sheet first; blank for rows without a place
   * @param rows how many rows have them
   * @param sure whether there is no doubt that it is meant
   */
  public record PlaceWords(String words, int rows, PlaceChoice choice, boolean sure) {}
}
