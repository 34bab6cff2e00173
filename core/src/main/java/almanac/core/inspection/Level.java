package almanac.core.inspection;

import almanac.core.words.Answer;

/** The medium's surface against the plant's base. */
public enum Level implements Answer {
  LEVEL("level"),
  SUNK("sunk"),
  RISEN("plant risen"),
  UNEVEN("uneven");

  private final String words;

  Level(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
