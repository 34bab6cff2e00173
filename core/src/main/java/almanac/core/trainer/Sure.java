package almanac.core.trainer;

/** How sure a learner is of an answer. */
public enum Sure {
  GUESSED("guessed"),
  FAIRLY("fairly sure"),
  SURE("sure");

  private final String words;

  Sure(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
