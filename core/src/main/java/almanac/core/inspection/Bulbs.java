package almanac.core.inspection;

import almanac.core.words.Answer;

/** How full the bulbs or canes are. */
public enum Bulbs implements Answer {
  PLUMP("plump"),
  LINED("lined"),
  SHRIVELLED("shrivelled");

  private final String words;

  Bulbs(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
