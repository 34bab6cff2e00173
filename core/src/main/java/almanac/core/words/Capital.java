package almanac.core.words;

import java.util.Locale;

/** Words at the beginning of a sentence. */
public final class Capital {
  private Capital() {}

  /** With a capital letter. */
  public static String of(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
