package almanac.core.inspection;

import almanac.core.words.Answer;

/** The pot. */
public enum PotState implements Answer {
  NONE("sound, right size"),
  BRITTLE("brittle"),
  CRACKED("cracked"),
  TOO_SMALL("too small"),
  FAR_TOO_LARGE("far too large");

  private final String words;

  PotState(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
