package almanac.core.kinds;

import almanac.core.words.Answer;

/** How thick a healthy root is; it decides the grade of the medium. */
public enum RootThickness implements Answer {
  /** Under 2 mm. */
  FINE("fine, under 2 mm"),
  /** 2 to 4 mm. */
  MEDIUM("medium"),
  /** Over 4 mm. */
  THICK("thick, over 4 mm");

  private final String words;

  RootThickness(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
