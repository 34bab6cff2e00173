package almanac.core.checks;

/** How a check was answered. */
public enum CheckAnswer {
  /** What was hoped for is there. */
  AS_HOPED("as hoped"),
  /** It is not. */
  NOT_AS_HOPED("not as hoped"),
  /** Somebody looked and cannot tell. */
  CANNOT_TELL("cannot tell");

  private final String words;

  CheckAnswer(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
