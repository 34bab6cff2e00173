package almanac.core.refusals;

/**
 * An entry that cannot be right. Nothing is kept of it; the message is a sentence for the grower.
 */
public final class Refused extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final transient Field field;
  private final String sentence;

  /**
   * @param field the entry at fault
   * @param sentence what is wrong with it and what would be right
   */
  public Refused(Field field, String sentence) {
    super(sentence);
    this.field = field;
    this.sentence = sentence;
  }

  /** The entry at fault. */
  public Field field() {
    return field;
  }

  public String sentence() {
    return sentence;
  }
}
