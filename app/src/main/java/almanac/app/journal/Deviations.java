package almanac.app.journal;

import static almanac.app.db.Tables.DEVIATION;

import almanac.app.db.tables.records.DeviationRecord;
import almanac.core.medium.Moisture;
import almanac.core.profile.Branching;
import almanac.core.profile.Deviation;
import almanac.core.profile.ReadyRule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;

/** How a plant's deviation from its kind is kept: one row for each trait that differs. */
final class Deviations {
  private Deviations() {}

  static Deviation read(@Nullable List<DeviationRecord> rows) {
    if (rows == null) {
      return Deviation.NONE;
    }
    var own =
        rows.stream()
            .collect(Collectors.toMap(DeviationRecord::getTrait, DeviationRecord::getContent));
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

  static void write(DSLContext db, long plantId, Deviation own) {
    db.deleteFrom(DEVIATION).where(DEVIATION.PLANT_ID.eq(plantId)).execute();
    traits(own)
        .forEach(
            (trait, content) -> {
              if (content != null) {
                db.insertInto(DEVIATION)
                    .set(DEVIATION.PLANT_ID, plantId)
                    .set(DEVIATION.TRAIT, trait)
                    .set(DEVIATION.CONTENT, String.valueOf(content))
                    .execute();
              }
            });
  }

  private static Map<String, @Nullable Object> traits(Deviation own) {
    var traits = new LinkedHashMap<String, @Nullable Object>();
    traits.put("readyRule", own.readyRule() == null ? null : own.readyRule().name());
    traits.put("branching", own.branching() == null ? null : own.branching().name());
    traits.put("moisture", own.moisture() == null ? null : own.moisture().name());
    traits.put("leastGrowths", own.leastGrowths());
    traits.put("rhizomeStepMm", own.rhizomeStepMm());
    traits.put("growthsAYear", own.growthsAYear());
    traits.put("nightLeast", own.nightLeast());
    traits.put("dayMost", own.dayMost());
    traits.put("rootSpeed", own.rootSpeed());
    traits.put("rootsHidden", own.rootsHidden());
    return traits;
  }

  private static <T> @Nullable T get(
      Map<String, String> own, String trait, Function<String, T> read) {
    var content = own.get(trait);
    return content == null ? null : read.apply(content);
  }
}
