package almanac.core.judgement.compare;

import almanac.core.inspection.Item;
import java.util.List;

/**
 * How a look that may decide is asked for.
 *
 * @param item what to look at
 * @param words what to do, as the beginning of a sentence
 * @param effort how much it takes: 1 standing in front of the shelf, more with hands or water
 */
record Asked(Item<?> item, String words, double effort) {
  /** The cheap looks, in the order in which growers look. */
  static final List<Asked> CHEAP =
      List.of(
          new Asked(Item.NEW_ROOTS, "Look for new roots at the newest growth", 1),
          new Asked(Item.STABILITY, "Rock it gently at its base", 1),
          new Asked(Item.BLOOM, "Look for spikes and buds", 1),
          new Asked(Item.GROWTH, "See how far the newest growth is", 1),
          new Asked(Item.MEDIUM_PIECE, "Press a piece of medium from under the surface", 1.5),
          new Asked(Item.SMELL, "Smell at the holes", 1.5),
          new Asked(Item.ROOTS_IN_POT, "Squeeze a root", 2),
          new Asked(Item.BUBBLES, "Flood the pot and watch for bubbles", 3),
          new Asked(Item.SINKING, "Flood the pot and watch how the water sinks", 3));
}
