package almanac.app.journal;

import almanac.app.db.tables.records.OwnTraitRecord;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Deviation;
import almanac.core.kinds.ReadyRule;
import almanac.core.medium.Moisture;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** How a plant's deviation from its kind is kept: one row for each trait that differs. */
final class Deviations {
  private Deviations() {}

  static Deviation read(@Nullable List<OwnTraitRecord> rows) {
    if (rows == null) {
      return Deviation.NONE;
    }
    var own =
        rows.stream()
            .collect(Collectors.toMap(OwnTraitRecord::getTrait, OwnTraitRecord::getContent));
    return new Deviation(
        get(own, "readyRule", ReadyRule::valueOf),
        get(own, "branching", Branching::valueOf),
        get(own, "moisture", Moisture::valueOf),
        get(own, "leastGrowths", Integer::valueOf),
        get(own, "rhizomeStepMm", Double::valueOf),
        get(own, "growthsAYear", Double::valueOf),
        get(own, "nightLeast", Double::valueOf),
        get(own, "dayMost", Double::valueOf),
        get(own, "rootSpeed", Double::valueOf),
        get(own, "rootsHidden", Boolean::valueOf));
  }

  /** The traits that differ, each with its own value. */
  static Map<String, String> traits(Deviation own) {
    var traits = new LinkedHashMap<String, String>();
    put(traits, "readyRule", own.readyRule());
    put(traits, "branching", own.branching());
    put(traits, "moisture", own.moisture());
    put(traits, "leastGrowths", own.leastGrowths());
    put(traits, "rhizomeStepMm", own.rhizomeStepMm());
    put(traits, "growthsAYear", own.growthsAYear());
    put(traits, "nightLeast", own.nightLeast());
    put(traits, "dayMost", own.dayMost());
    put(traits, "rootSpeed", own.rootSpeed());
    put(traits, "rootsHidden", own.rootsHidden());
    return traits;
  }

  private static void put(Map<String, String> traits, String trait, @Nullable Object content) {
    if (content != null) {
      traits.put(trait, content instanceof Enum<?> one ? one.name() : content.toString());
    }
  }

  private static <T> @Nullable T get(
      Map<String, String> own, String trait, Function<String, T> read) {
    var content = own.get(trait);
    return content == null ? null : read.apply(content);
  }
}
