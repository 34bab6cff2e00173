package almanac.core.judgement.compare;

import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Stability;
import almanac.core.words.Answer;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a look that may decide is asked for.
 *
 * @param item what to look at
 * @param words what to do, as the beginning of a sentence
 * @param effort how much it takes: 1 standing in front of the shelf, more with hands or water
 */
record Asked(Item<?> item, String words, double effort) {
  /** Answers that do not stand in such a sentence by themselves. */
  private static final Map<Answer, String> DOES =
      Map.of(
          Stability.FIRM, "is firm",
          Stability.LOOSE, "is loose",
          Sinking.QUICKLY, "goes in quickly",
          Sinking.SLOWLY, "goes in slowly",
          RootsInPot.NONE, "there are none",
          RootsInPot.MIXED, "some are soft",
          RootsInPot.MOSTLY_SOFT, "most are soft",
          RootsInPot.DRIED_SOME, "a few are dried out");

  private static final Set<Item<?>> OF_WHAT_IT_DOES =
      Set.of(Items.STABILITY, Items.MEDIUM_PIECE, Items.SINKING);

  /** The cheap looks, in the order in which growers look. */
  static final List<Asked> CHEAP =
      List.of(
          new Asked(Items.NEW_ROOTS, "Look for new roots at the newest growth", 1),
          new Asked(Items.STABILITY, "Rock it gently at its base", 1),
          new Asked(Items.BLOOM, "Look for spikes and buds", 1),
          new Asked(Items.GROWTH, "See how far the newest growth is", 1),
          new Asked(Items.MEDIUM_PIECE, "Press a piece of medium from under the surface", 1.5),
          new Asked(Items.SMELL, "Smell at the holes", 1.5),
          new Asked(Items.ROOTS_IN_POT, "Squeeze a root", 2),
          new Asked(Items.BUBBLES, "Flood the pot and watch for bubbles", 3),
          new Asked(Items.SINKING, "Flood the pot and watch how the water sinks", 3));

  /** The condition under which something follows, as in "if it dents or tears by hand". */
  String when(List<Answer> answers) {
    var words = answers.stream().map(each -> DOES.getOrDefault(each, each.words())).toList();
    return (OF_WHAT_IT_DOES.contains(item) ? "if it " : "if ") + either(words);
  }

  private static String either(List<String> words) {
    int last = words.size() - 1;
    return last == 0
        ? words.get(0)
        : String.join(", ", words.subList(0, last)) + " or " + words.get(last);
  }
}
