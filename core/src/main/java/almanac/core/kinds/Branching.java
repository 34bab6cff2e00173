package almanac.core.kinds;

import almanac.core.words.Answer;

/** Whether a root puts out side roots where it is broken. */
public enum Branching implements Answer {
  YES("yes"),
  SOME("some"),
  NO("no");

  private final String words;

  Branching(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
