package almanac.core.inspection;

import java.util.List;

/** What is looked at of every plant on a round, from above the pot downwards. */
public final class ShortLook {
  private static final List<Item<?>> ITEMS =
      List.of(
          Items.LEAVES,
          Items.GROWTH,
          Items.NEW_GROWTHS,
          Items.RIM,
          Items.BLOOM,
          Items.STABILITY,
          Items.LEVEL,
          Items.NEW_ROOTS,
          Items.ROOTS_IN_POT,
          Items.MEDIUM_PIECE,
          Items.PESTS);

  private ShortLook() {}

  /** The items in the order in which they are looked at. */
  public static List<Item<?>> items() {
    return ITEMS;
  }
}
