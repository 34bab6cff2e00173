package almanac.core.sheet;

import almanac.core.history.Fate;
import almanac.core.history.PlantStatus;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What people write of a plant's being here. */
final class FateWords {
  private static final Map<String, PlantStatus> CALLED = new LinkedHashMap<>();

  static {
    called(PlantStatus.LOST, "dead, died, lost, rip, rotted, discarded, binned, thrown");
    called(PlantStatus.GIVEN_AWAY, "sold, given, gave, gifted, gift, traded, swapped, exchanged");
    called(PlantStatus.RECOVERING, "recovering, weak, poor, sick, icu, rescue, struggling");
    called(PlantStatus.GROWING, "growing, alive, ok, good, healthy, yes, fine, blooming");
  }

  private FateWords() {}

  private static void called(PlantStatus status, String names) {
    for (var name : names.split(", ")) {
      CALLED.put(name, status);
    }
  }

  /** What some words say of it; nothing if they say nothing that is known. */
  static Optional<Fate> read(String text) {
    var plain = Plain.words(text);
    if (plain.isEmpty()) {
      return Optional.of(Fate.GROWING);
    }
    return CALLED.entrySet().stream()
        .filter(each -> Plain.stands(each.getKey(), plain))
        .map(Map.Entry::getValue)
        .findFirst()
        .map(status -> new Fate(status, status.here() ? "" : text.strip()));
  }
}
