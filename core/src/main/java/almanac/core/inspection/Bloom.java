package almanac.core.inspection;

import almanac.core.words.Answer;

/** How far the flowers are. */
public enum Bloom implements Answer {
  NONE("none"),
  SPIKE("spike"),
  BUDS("buds"),
  OPEN("open"),
  FADING("fading"),
  FINISHED("over");

  private final String words;

  Bloom(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
