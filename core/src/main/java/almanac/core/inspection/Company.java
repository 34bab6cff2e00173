package almanac.core.inspection;

import almanac.core.words.Answer;

/** How many plants are in the pot. */
public enum Company implements Answer {
  ONE("one"),
  SEVERAL("several"),
  SEVERAL_WANTED_APART("several, wanted apart");

  private final String words;

  Company(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
