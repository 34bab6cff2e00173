package almanac.core.history;

/** What the collector wants of one plant. */
public enum Aim {
  AS_IT_COMES("as it comes"),
  GROW_LARGE("grow it large"),
  DIVIDE("divide it"),
  KEEP_SMALL("keep it small");

  private final String words;

  Aim(String words) {
    this.words = words;
  }

  /** As the collector says it. */
  public String words() {
    return words;
  }
}
