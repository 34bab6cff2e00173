package almanac.core.inspection;

import almanac.core.words.Answer;

/** How full of roots the pot is. */
public enum RootsCrowding implements Answer {
  NONE("no crowding"),
  CROWDED("crowded"),
  CIRCLING("circling"),
  OUT_OF_HOLES("out of the holes"),
  CLINGING("clinging to the wall");

  private final String words;

  RootsCrowding(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
