package almanac.core.inspection;

import almanac.core.words.Answer;

/** The newest growth against the one before. */
public enum GrowthTrend implements Answer {
  LARGER("larger"),
  EQUAL("equal"),
  SMALLER("smaller"),
  SMALLER_TWICE("two in a row smaller");

  private final String words;

  GrowthTrend(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
