package almanac.core.sheet;

import java.text.Normalizer;
import java.util.Locale;

/** Words without what people write differently each time. */
final class Plain {
  private Plain() {}

  /** In small letters and digits, with one blank between words and no accents. */
  static String words(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{N}]+", " ")
        .strip();
  }

  /** Whether some words stand in others, as whole words. */
  static boolean stands(String words, String in) {
    return (" " + in + " ").contains(" " + words + " ");
  }
}
