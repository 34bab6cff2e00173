package almanac.app.journal;

import static almanac.app.db.Tables.BOOKED_CHECK;

import almanac.app.judging.Judging;
import almanac.core.followup.Aftercare;
import almanac.core.followup.Check;
import almanac.core.holding.Holding;
import almanac.core.holding.KeptApart;
import java.time.LocalDate;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;

/** Books the checks that follow from what was written. */
@Service
class Diary {
  private final DSLContext db;
  private final Judging judging;

  Diary(DSLContext db, Judging judging) {
    this.db = db;
    this.judging = judging;
  }

  /**
   * Books what the newest line of a journal brings about: the look that its judgement asks for, and
   * the next ones while the plant is kept apart or held.
   *
   * @param notBefore the first day on which the judgement's look may lie
   * @return the plant with what was booked
   */
  PlantRecord plan(PlantRecord plant, LocalDate today, LocalDate notBefore) {
    var planned = newcomer(plant, today);
    var judged = judging.judge(plant, today).nextCheck();
    return Aftercare.leavesRoomFor(judged, plant.openAftercare().map(BookedCheck::check))
        ? book(
            planned,
            plant.newestLine(),
            new Check(judged.purpose(), judged.window().notBefore(notBefore)))
        : planned;
  }

  /** Books the next look and the next soak of a plant that is kept apart or held. */
  PlantRecord newcomer(PlantRecord plant, LocalDate today) {
    var life = plant.history().life();
    var planned = plant;
    if (plant.facts().apartSince() != null) {
      var apart = KeptApart.of(life, plant.facts().apartSince(), today, judging.figures());
      if (!apart.over()) {
        planned = book(planned, plant.newestLine(), apart.check());
      }
    }
    if (plant.facts().heldSince() != null) {
      var held = Holding.of(life, plant.facts().heldSince(), judging.figures());
      planned = book(planned, plant.newestLine(), held.check());
    }
    return planned;
  }

  /** Books a check that a line of the journal brings about. */
  PlantRecord book(PlantRecord plant, long entryId, Check check) {
    long id =
        db.insertInto(BOOKED_CHECK)
            .set(BOOKED_CHECK.ENTRY_ID, entryId)
            .set(BOOKED_CHECK.PURPOSE, check.purpose().name())
            .set(BOOKED_CHECK.EARLY, check.window().early())
            .set(BOOKED_CHECK.BEST, check.window().best())
            .set(BOOKED_CHECK.LATE, check.window().late())
            .returningResult(BOOKED_CHECK.ID)
            .fetchSingle()
            .value1();
    return plant.and(new BookedCheck(id, entryId, check));
  }
}
