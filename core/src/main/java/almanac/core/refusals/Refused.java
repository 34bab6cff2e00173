package almanac.core.refusals;

/**
 * An entry that cannot be right. Nothing is kept of it; the message is a sentence for the grower.
 */
public final class Refused extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;

  /**
   * @param field the entry at fault, by its name in the interface, such as {@code looks.newRoots}
   * @param sentence what is wrong with it and what would be right
   */
  public Refused(String field, String sentence) {
    super(sentence);
    this.field = field;
  }

  /** The entry at fault. */
  public String field() {
    return field;
  }
}
