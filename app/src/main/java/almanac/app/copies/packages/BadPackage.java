package almanac.app.copies.packages;

/** A package that cannot be taken in; the message says in a sentence what is wrong with it. */
public final class BadPackage extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public BadPackage(String sentence) {
    super(sentence);
  }

  /** At a row of a table. */
  static BadPackage at(String file, long row, String why) {
    return new BadPackage("%s, row %d: %s.".formatted(file, row, why));
  }
}
