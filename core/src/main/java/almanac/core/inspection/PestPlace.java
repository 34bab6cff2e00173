package almanac.core.inspection;

import almanac.core.words.Answer;

/** Where pests were found. */
public enum PestPlace implements Answer {
  LEAF_UNDERSIDE("under the leaves"),
  SHEATH("in the sheaths"),
  MEDIUM("in the medium");

  private final String words;

  PestPlace(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
