package almanac.core.history;

/**
 * What a plant is called.
 *
 * @param label copied letter by letter from its tag
 * @param believed the name it is believed to have; empty if the label is believed
 * @param confirmed the name confirmed on flowering; empty until then
 * @param flowers what its flowers are like, their colour, shape and scent, so that tags that were
 *     swapped can be told apart; empty until somebody has seen them
 */
public record Names(String label, String believed, String confirmed, String flowers) {
  /** A plant of which nobody has described the flowers. */
  public Names(String label, String believed, String confirmed) {
    this(label, believed, confirmed, "");
  }

  /** A plant of which only the tag is known. */
  public static Names onLabel(String label) {
    return new Names(label, "", "");
  }

  /** The name to go by: confirmed before believed before the label. */
  public String name() {
    if (!confirmed.isEmpty()) {
      return confirmed;
    }
    return believed.isEmpty() ? label : believed;
  }
}
