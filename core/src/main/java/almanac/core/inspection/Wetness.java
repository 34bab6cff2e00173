package almanac.core.inspection;

import almanac.core.words.Answer;

/** How wet the medium is now. */
public enum Wetness implements Answer {
  DRY("dry"),
  MOIST("moist"),
  WET("wet");

  private final String words;

  Wetness(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
