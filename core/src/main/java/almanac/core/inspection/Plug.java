package almanac.core.inspection;

import almanac.core.words.Answer;

/** An old rooting plug in the middle. */
public enum Plug implements Answer {
  NONE("none"),
  SOUND("sound"),
  ROTTING("rotting");

  private final String words;

  Plug(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
