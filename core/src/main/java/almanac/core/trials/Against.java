package almanac.core.trials;

/** What the plants of a trial are held against. */
public enum Against {
  OTHER_HALF("the other half of each", "The other halves"),
  OTHERS("plants like them", "The others"),
  EARLIER("the same plants in the years before", "Their years before");

  private final String words;
  private final String side;

  Against(String words, String side) {
    this.words = words;
    this.side = side;
  }

  /** As a part of a sentence. */
  public String words() {
    return words;
  }

  /** As the head over what was seen of them. */
  public String side() {
    return side;
  }
}
