package almanac.core.inspection;

import almanac.core.words.Answer;

/** Whether the tips are growing. */
public enum RootTips implements Answer {
  ACTIVE("growing"),
  STOPPED("stopped or dried");

  private final String words;

  RootTips(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
