package almanac.core.inspection;

import java.util.List;

/** What is looked at of a plant that has just come, in the order in which it is turned over. */
public final class FirstLook {
  private static final List<Item<?>> ITEMS =
      List.of(
          Items.GROWTH,
          Items.NEW_GROWTHS,
          Items.GROWTH_TREND,
          Items.BLOOM,
          Items.LEAVES,
          Items.STABILITY,
          Items.NEW_ROOTS,
          Items.WETNESS,
          Items.MEDIUM_PIECE,
          Items.SMELL,
          Items.PESTS,
          Items.ROT);

  private FirstLook() {}

  /** The items in the order in which they are looked at. */
  public static List<Item<?>> items() {
    return ITEMS;
  }
}
