package almanac.core.inspection;

import almanac.core.words.Answer;

/** How the medium smells. */
public enum Smell implements Answer {
  WOODY("woody or earthy"),
  STALE("stale"),
  SOUR("sour"),
  ROTTEN("rotten");

  private final String words;

  Smell(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
