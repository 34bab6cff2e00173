package almanac.core.inspection;

import almanac.core.words.Answer;

/** The medium's surface against the plant's base. */
public enum SurfaceLevel implements Answer {
  LEVEL("level"),
  SUNK("sunk"),
  RISEN("plant risen"),
  UNEVEN("uneven");

  private final String words;

  SurfaceLevel(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
