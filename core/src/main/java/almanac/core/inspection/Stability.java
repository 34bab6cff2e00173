package almanac.core.inspection;

import almanac.core.words.Answer;

/** How the plant stands in its pot. */
public enum Stability implements Answer {
  FIRM("firm"),
  SLIGHT_WOBBLE("wobbles a little"),
  LOOSE("loose"),
  LEANING("leans"),
  TIPPING("tips out");

  private final String words;

  Stability(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
