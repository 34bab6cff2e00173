package almanac.core.pot;

import almanac.core.kinds.Ground;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import java.util.Optional;

/** How deep a plant is set. Rules: Pot and place. */
public enum SetDepth {
  LEAD_IN_SURFACE(
      "The base of the lead level with the surface; old bulbs at most a third deep.",
      "So its new roots meet the medium at once."),
  BASE_COVERED(
      "The base of the fan just covered.", "A slipper’s roots come from under the surface only."),
  LOWEST_LEAF("The lowest leaf just over the surface.", "A crown that stands in wet medium rots.");

  private final String words;
  private final String why;

  SetDepth(String words, String why) {
    this.words = words;
    this.why = why;
  }

  /** The level for a kind. */
  public static SetDepth of(Kind kind) {
    if (kind.of(Trait.GROUND) == Ground.SLIPPER) {
      return BASE_COVERED;
    }
    return kind.of(Trait.HABIT) == Habit.MONOPODIAL ? LOWEST_LEAF : LEAD_IN_SURFACE;
  }

  /**
   * What is wrong with another depth for a plant that is set like this; nothing if it is the same.
   */
  public Optional<String> against(SetDepth other) {
    return other == this ? Optional.empty() : Optional.of(words + " " + why);
  }

  /** In a sentence. */
  public String words() {
    return words;
  }

  /** What makes it so, in a sentence. */
  public String why() {
    return why;
  }
}
