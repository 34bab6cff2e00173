package almanac.core.history;

import almanac.core.words.Answer;

/** What was given to the roots at the bench, so that it can be compared later. */
public enum Aid implements Answer {
  ROOTING_DIP("rooting dip"),
  SLOW_FEED("slow feed in the mix"),
  INFUSION("infusion");

  private final String words;

  Aid(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
