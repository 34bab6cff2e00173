package almanac.core.checks.diary;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Treatment;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What the answer to a check writes into the journal. Rules: Aftercare. */
public final class Answered {
  private Answered() {}

  /** An entry of an answer. */
  public enum Entry implements Field {
    ANSWER("answer"),
    UNTIL("until");

    private final String key;

    Entry(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }
  }

  /**
   * What was found for pests or rot counts as a look, and a treatment as one of its course.
   *
   * @param check open on that plant
   * @throws Refused if it is answered by a look or a soak instead
   */
  static Happening happening(Plant plant, CheckName check, CheckAnswer answer, LocalDate today) {
    if (check.purpose().ticks().stream().noneMatch(tick -> tick.answer() == answer)) {
      throw new Refused(Entry.ANSWER, "Write down what you see; that answers this check.");
    }
    return switch (check.purpose()) {
      case APART -> new Happening.Inspected(Foe.PESTS.nothingFound(today));
      case TREAT -> new Happening.Treated(course(plant.card().inHand().treatment()).uid(), today);
      case TREATED -> looked(plant, course(plant.card().inHand().treatment()), answer, today);
      case BESIDE -> looked(plant, course(plant.card().inHand().beside()), answer, today);
      default -> new Happening.Checked(check, answer);
    };
  }

  /**
   * All that an answer writes: a look of one's own says besides when it is asked again, if ever.
   *
   * @throws Refused if it is answered by a look or a soak instead
   */
  public static List<Happening> happenings(
      Plant plant, CheckName check, CheckAnswer answer, LocalDate today, Figures figures) {
    var happening = happening(plant, check, answer, today);
    return check.purpose() == Purpose.OWN
        ? Stream.concat(
                Stream.of(happening), Bookings.answered(plant, answer, today, figures).stream())
            .toList()
        : List.of(happening);
  }

  /**
   * A check that is put off.
   *
   * @param until from tomorrow on, as far ahead as the figures say
   * @throws Refused if the day is not ahead, or too far
   */
  public static Happening putOff(
      CheckName check, LocalDate until, String reason, LocalDate today, Figures figures) {
    int most = figures.count(FollowUpFigures.PUT_OFF_MOST);
    if (!until.isAfter(today) || until.isAfter(today.plusDays(most))) {
      throw new Refused(
          Entry.UNTIL, "A day from tomorrow on, at most %d days ahead.".formatted(most));
    }
    return new Happening.PutOff(check, until, reason);
  }

  private static Course course(@Nullable Treatment runs) {
    return Objects.requireNonNull(runs).course();
  }

  private static Happening looked(Plant plant, Course course, CheckAnswer answer, LocalDate today) {
    var foe = course.foe();
    return new Happening.Inspected(
        answer == CheckAnswer.AS_HOPED
            ? foe.nothingFound(today)
            : foe.stillThere(plant.history().life(), today)
                .orElseThrow(
                    () ->
                        new Refused(
                            Entry.ANSWER, "Write down what you found; that answers this check.")));
  }
}
