package almanac.core.inspection;

import java.util.List;

/** What is looked at of every plant on a round, from above the pot downwards. */
public final class ShortLook {
  private static final List<Item<?>> ITEMS =
      List.of(
          Item.LEAVES,
          Item.NEW_GROWTHS,
          Item.RIM,
          Item.BLOOM,
          Item.STABILITY,
          Item.LEVEL,
          Item.NEW_ROOTS,
          Item.ROOTS_IN_POT,
          Item.MEDIUM_PIECE,
          Item.PESTS);

  private ShortLook() {}

  /** The items in the order in which they are looked at. */
  public static List<Item<?>> items() {
    return ITEMS;
  }
}
