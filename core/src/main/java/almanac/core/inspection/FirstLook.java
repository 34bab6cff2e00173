package almanac.core.inspection;

import java.util.List;

/** What is looked at of a plant that has just come, in the order in which it is turned over. */
public final class FirstLook {
  private static final List<Item<?>> ITEMS =
      List.of(
          Item.GROWTH,
          Item.NEW_GROWTHS,
          Item.GROWTH_TREND,
          Item.BLOOM,
          Item.LEAVES,
          Item.STABILITY,
          Item.NEW_ROOTS,
          Item.WETNESS,
          Item.MEDIUM_PIECE,
          Item.SMELL,
          Item.PESTS,
          Item.ROT);

  private FirstLook() {}

  /** The items in the order in which they are looked at. */
  public static List<Item<?>> items() {
    return ITEMS;
  }
}
