package almanac.core.inspection;

import almanac.core.words.Answer;

/**
 * The roots inside the pot, squeezed: firm is alive, soft or hollow is dead, whatever the colour.
 */
public enum RootsInPot implements Answer {
  NONE("none"),
  FIRM("firm"),
  DARK_FIRM("dark but firm"),
  DRIED_SOME("firm, a few dried out"),
  MIXED("mixed, some soft"),
  MOSTLY_SOFT("mostly soft");

  private final String words;

  RootsInPot(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
