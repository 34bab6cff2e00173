package almanac.app.record.kinds;

import almanac.app.ground.refusals.BadEntry;
import java.text.Normalizer;
import java.util.Locale;

/** Under which key a kind is kept that the collector names. */
public final class KindKey {
  private static final int LONGEST = 60;

  private KindKey() {}

  /**
   * Letters and digits of the name, with hyphens between.
   *
   * @throws BadEntry if there are none in it
   */
  public static String of(String name) {
    var plain = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
    var key = plain.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    if (key.isEmpty()) {
      throw new BadEntry("name", "Give the kind a name with letters in it.");
    }
    return key.length() > LONGEST ? key.substring(0, LONGEST) : key;
  }
}
