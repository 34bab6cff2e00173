package almanac.core.inspection;

import almanac.core.words.Answer;

/** How the plant would part. */
public enum Parts implements Answer {
  NONE("one plant"),
  TWO_SOUND("two or more sound parts"),
  BARE_MIDDLE("bare in the middle"),
  FALLS_APART("falls apart");

  private final String words;

  Parts(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
