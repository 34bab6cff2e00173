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

  /** Whether the plant is busy with flowers, so that new roots come later. */
  public boolean inFlower() {
    return this == SPIKE || this == BUDS || this == OPEN;
  }

  @Override
  public String words() {
    return words;
  }
}
