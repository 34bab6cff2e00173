package almanac.core.inspection;

import almanac.core.words.Answer;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;

/** How each look is taken, and by which sign each of its answers is known (handbook 1, 2). */
public final class FieldGuide {
  private static final String FILE = "field-guide.properties";
  private static final Properties LINES = read();

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
    return Optional.ofNullable(LINES.getProperty(item.key() + ".caution"));
  }

  private static String line(String key) {
    return Objects.requireNonNull(LINES.getProperty(key), () -> FILE + " lacks " + key);
  }

  private static Properties read() {
    var lines = new Properties();
    try (var file = Objects.requireNonNull(FieldGuide.class.getResourceAsStream(FILE), FILE);
        var text = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      lines.load(text);
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
    return lines;
  }

  /** Every key of the file. */
  static Set<String> keys() {
    return LINES.stringPropertyNames();
  }
}
