package almanac.core.sheet;

import almanac.core.pot.PotType;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What people call their pots. */
final class PotWords {
  private static final Map<String, PotType> CALLED = new LinkedHashMap<>();

  static {
    called(PotType.RESERVOIR, "reservoir, semi hydro, semihydro, self watering, sh");
    called(PotType.CLEAR, "clear, transparent, clear plastic");
    called(PotType.CLAY, "clay, terracotta, terra cotta, unglazed");
    called(PotType.GLAZED, "glazed, ceramic, china");
    called(PotType.BASKET, "basket, slatted, vanda basket");
    called(PotType.MESH, "mesh, net, net pot");
    called(PotType.MOUNT, "mount, mounted, slab, branch, cork");
    called(PotType.PLASTIC, "plastic, black, opaque");
  }

  private PotWords() {}

  private static void called(PotType type, String names) {
    for (var name : names.split(", ")) {
      CALLED.put(name, type);
    }
  }

  /** The pot that some words speak of, if they do. */
  static Optional<PotType> read(String text) {
    var plain = Plain.words(text);
    return CALLED.entrySet().stream()
        .filter(each -> Plain.stands(each.getKey(), plain))
        .map(Map.Entry::getValue)
        .findFirst();
  }
}
