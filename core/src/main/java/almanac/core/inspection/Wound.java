package almanac.core.inspection;

import almanac.core.words.Answer;

/** What a broken or cut place looks like. */
public enum Wound implements Answer {
  DRY("dry"),
  WET("still wet");

  private final String words;

  Wound(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
