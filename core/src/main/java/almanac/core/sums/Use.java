package almanac.core.sums;

import almanac.core.words.Answer;

/** On what it is meant to be used. */
public enum Use implements Answer {
  PLANT("roots or wounds"),
  TOOLS("tools and trays"),
  FEED("feed water");

  private final String words;

  Use(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
