package almanac.app.errands.checks;

import almanac.app.ground.refusals.Conflict;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.diary.Answered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ticks checks off. */
@Service
@Transactional
public class Answering {
  private final Plants plants;
  private final Keeping keeping;
  private final Judging judging;

  Answering(Plants plants, Keeping keeping, Judging judging) {
    this.plants = plants;
    this.keeping = keeping;
    this.judging = judging;
  }

  /**
   * Writes down how a check came out.
   *
   * @throws Conflict if it is not open
   * @throws Refused if it is answered by a look or a soak instead
   */
  public Written answer(
      long plantId, CheckName check, CheckAnswer answer, String note, LocalDate today) {
    var plant = plants.one(plantId);
    var open = judging.checks(plant, today);
    if (open.stream().noneMatch(each -> each.name().equals(check))) {
      throw new Conflict("This check is no longer open; it was answered or replaced.");
    }
    var happenings = Answered.happenings(plant.plant(), check, answer, today, judging.figures());
    return keeping.write(NewAct.of(today, Map.of(plantId, happenings)).noting(note), today);
  }

  /**
   * Puts a check off.
   *
   * @throws Conflict if it is not open
   * @throws Refused if the day is not ahead, or too far
   */
  public Written putOff(
      long plantId, CheckName check, LocalDate until, String reason, LocalDate today) {
    if (judging.checks(plants.one(plantId), today).stream()
        .noneMatch(each -> each.name().equals(check))) {
      throw new Conflict("This check is no longer open; it was answered or replaced.");
    }
    var happening = Answered.putOff(check, until, reason, today, judging.figures());
    return keeping.write(NewAct.of(today, plantId, happening), today);
  }
}
