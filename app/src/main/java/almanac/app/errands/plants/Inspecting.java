package almanac.app.errands.plants;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.Corrections;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.history.Answerable;
import almanac.core.history.Chronology;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Tag;
import almanac.core.refusals.Entered;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what was looked at. */
@Service
@Transactional
public class Inspecting {
  private final Plants plants;
  private final Keeping keeping;

  Inspecting(Plants plants, Keeping keeping) {
    this.plants = plants;
    this.keeping = keeping;
  }

  /**
   * Writes down an inspection.
   *
   * @param corrects the act it takes the place of, if it is a correction
   */
  public Written inspect(
      long plantId, Inspection inspection, String note, @Nullable UUID corrects, LocalDate today) {
    if (inspection.empty()) {
      throw new BadEntry("looks", "Nothing was looked at. Answer at least one row.");
    }
    var plant = plants.whole(plantId);
    Answerable.check(inspection, plant.history());
    Chronology.refuseBeforeArrival(plant, Entered.ON, inspection.on());
    var wrong =
        Corrections.line(plant, corrects, Happening.Inspected.class, "an inspection")
            .map(Line::act)
            .orElse(null);
    return keeping.write(
        NewAct.of(inspection.on(), plantId, new Happening.Inspected(inspection))
            .noting(note)
            .correcting(wrong),
        today);
  }

  /** Writes down of several plants, as one act, that each bears its own tag. */
  public Written tagsChecked(List<Long> ids, LocalDate today) {
    var inspection = Inspection.on(today).with(Items.TAG, Items.TAG.saw(Tag.READABLE));
    Map<Long, List<Happening>> happenings = new LinkedHashMap<>();
    ids.forEach(
        id -> happenings.put(plants.one(id).id(), List.of(new Happening.Inspected(inspection))));
    return keeping.write(
        NewAct.of(today, happenings).noting("Checked against the others handled on the same day"),
        today);
  }
}
