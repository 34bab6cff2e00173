package almanac.app.ground.refusals;

/** An entry that cannot be right, by where it stands in what was sent. Nothing is kept of it. */
public final class BadEntry extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String path;
  private final String sentence;

  /**
   * @param path such as {@code looks.newRoots.measured}
   * @param sentence what is wrong with it and what would be right
   */
  public BadEntry(String path, String sentence) {
    super(sentence);
    this.path = path;
    this.sentence = sentence;
  }

  public String path() {
    return path;
  }

  public String sentence() {
    return sentence;
  }
}
