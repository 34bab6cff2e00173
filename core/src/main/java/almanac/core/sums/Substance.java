package almanac.core.sums;

import almanac.core.words.Answer;

/** What is diluted. */
public enum Substance implements Answer {
  PEROXIDE("hydrogen peroxide"),
  ALCOHOL("alcohol"),
  BLEACH("bleach"),
  OTHER("something else");

  private final String words;

  Substance(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
