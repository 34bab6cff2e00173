package almanac.core.inspection;

import almanac.core.words.Answer;

/** What rises when the pot is flooded; says nothing of slippers. */
public enum Bubbles implements Answer {
  MANY("many"),
  FEW("few"),
  NONE("none");

  private final String words;

  Bubbles(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
