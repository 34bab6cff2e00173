package almanac.core.inspection;

import almanac.core.words.Answer;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;

/** How each look is taken, and by which sign each of its answers is known. */
public final class FieldGuide {
  private static final ResourceBundle LINES =
      ResourceBundle.getBundle("almanac.core.inspection.field-guide", Locale.ROOT);

  private FieldGuide() {}

  /** How to take the look, in one sentence. */
  public static String how(Item<?> item) {
    return line(item.key());
  }

  /** What the plant shows where this is the answer. */
  public static String sign(Item<?> item, Answer answer) {
    return line(item.key() + "." + answer.name());
  }

  /** What can hurt at this look, and how not to be hurt; empty where nothing can. */
  public static Optional<String> caution(Item<?> item) {
    var key = item.key() + ".caution";
    return LINES.containsKey(key) ? Optional.of(line(key)) : Optional.empty();
  }

  private static String line(String key) {
    return LINES.getString(key);
  }

  /** Every key of the file. */
  static Set<String> keys() {
    return LINES.keySet();
  }
}
