package almanac.core.pot;

import almanac.core.kinds.RootThickness;
import almanac.core.words.Answer;

/** How coarse the pieces of a medium are. Rules: Mix and fill. */
public enum Grade implements Answer {
  FINE("3–8 mm", "with perlite, and no gaps"),
  MEDIUM("8–12 mm", "with a stick brought to the roots"),
  COARSE("12–20 mm", "gaps do no harm");

  private final String words;
  private final String filled;

  Grade(String words, String filled) {
    this.words = words;
    this.filled = filled;
  }

  /** The grade that goes with roots. */
  public static Grade of(RootThickness roots) {
    return switch (roots) {
      case FINE -> FINE;
      case MEDIUM -> MEDIUM;
      case THICK -> COARSE;
    };
  }

  /** From which size to which: {@code 3–8 mm}. */
  @Override
  public String words() {
    return words;
  }

  /** How it is filled in, as part of a sentence. */
  public String filled() {
    return filled;
  }
}
