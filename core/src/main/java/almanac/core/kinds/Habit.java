package almanac.core.kinds;

import almanac.core.words.Answer;

/** How a plant grows. */
public enum Habit implements Answer {
  /** Along a rhizome, one growth after another. */
  SYMPODIAL("sideways, growth after growth"),
  MONOPODIAL("upward from one stem");

  private final String words;

  Habit(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
