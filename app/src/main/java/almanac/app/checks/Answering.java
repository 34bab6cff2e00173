package almanac.app.checks;

import almanac.app.collection.Keeping;
import almanac.app.collection.Plants;
import almanac.app.collection.Written;
import almanac.app.journal.NewAct;
import almanac.app.judging.Judging;
import almanac.app.refusals.BadEntry;
import almanac.app.refusals.Conflict;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.CheckName;
import almanac.core.followup.Purpose;
import almanac.core.history.Happening;
import almanac.core.holding.KeptApart;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
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
    var open = judging.checks(plants.one(plantId), today);
    if (open.stream().noneMatch(each -> each.name().equals(check))) {
      throw new Conflict("This check is no longer open; it was answered or replaced.");
    }
    if (check.purpose().ticks().stream().noneMatch(tick -> tick.answer() == answer)) {
      throw new BadEntry("answer", "Write down what you see; that answers this check.");
    }
    return keeping.write(
        NewAct.of(today, plantId, happening(check, answer, today)).noting(note), today);
  }

  /** That nothing was found on a plant that is kept apart counts as a look at it. */
  private static Happening happening(CheckName check, CheckAnswer answer, LocalDate today) {
    return check.purpose() == Purpose.APART
        ? new Happening.Inspected(KeptApart.nothingFound(today))
        : new Happening.Checked(check, answer);
  }
}
