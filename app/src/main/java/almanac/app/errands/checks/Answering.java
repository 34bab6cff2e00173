package almanac.app.errands.checks;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.FollowUpFigures;
import almanac.core.history.Happening;
import almanac.core.history.Treatment;
import almanac.core.refusals.Refused;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
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
    if (check.purpose().ticks().stream().noneMatch(tick -> tick.answer() == answer)) {
      throw new BadEntry("answer", "Write down what you see; that answers this check.");
    }
    return keeping.write(
        NewAct.of(today, plantId, happening(plant, check, answer, today)).noting(note), today);
  }

  /**
   * Puts a check off.
   *
   * @throws Conflict if it is not open
   * @throws BadEntry if the day is not ahead, or too far
   */
  public Written putOff(
      long plantId, CheckName check, LocalDate until, String reason, LocalDate today) {
    if (judging.checks(plants.one(plantId), today).stream()
        .noneMatch(each -> each.name().equals(check))) {
      throw new Conflict("This check is no longer open; it was answered or replaced.");
    }
    int most = judging.figures().count(FollowUpFigures.PUT_OFF_MOST);
    if (!until.isAfter(today) || until.isAfter(today.plusDays(most))) {
      throw new BadEntry("until", "A day from tomorrow on, at most %d days ahead.".formatted(most));
    }
    return keeping.write(
        NewAct.of(today, plantId, new Happening.PutOff(check, until, reason)), today);
  }

  /** What was found for pests or rot counts as a look, and a treatment as one of its course. */
  private static Happening happening(
      PlantInPlace plant, CheckName check, CheckAnswer answer, LocalDate today) {
    return switch (check.purpose()) {
      case APART -> new Happening.Inspected(Foe.PESTS.nothingFound(today));
      case TREAT -> new Happening.Treated(course(plant.card().treatment()).uid(), today);
      case TREATED -> looked(plant, course(plant.card().treatment()), answer, today);
      case BESIDE -> looked(plant, course(plant.card().beside()), answer, today);
      default -> new Happening.Checked(check, answer);
    };
  }

  private static Course course(@Nullable Treatment runs) {
    return Objects.requireNonNull(runs).course();
  }

  private static Happening looked(
      PlantInPlace plant, Course course, CheckAnswer answer, LocalDate today) {
    var foe = course.foe();
    return new Happening.Inspected(
        answer == CheckAnswer.AS_HOPED
            ? foe.nothingFound(today)
            : foe.stillThere(plant.history().life(), today)
                .orElseThrow(
                    () ->
                        new BadEntry(
                            "answer", "Write down what you found; that answers this check.")));
  }
}
