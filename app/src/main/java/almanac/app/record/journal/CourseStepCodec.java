package almanac.app.record.journal;

import static almanac.app.db.Tables.COURSE_STEP;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.CourseStepRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A kind of happening that belongs to a course, on the day of its act.
 *
 * @param <H> the kind
 */
final class CourseStepCodec<H extends Happening> extends TableCodec<H, CourseStepRecord> {
  private final BiFunction<UUID, LocalDate, H> of;
  private final Function<H, UUID> course;
  private final String told;

  CourseStepCodec(
      String kind,
      Class<H> type,
      BiFunction<UUID, LocalDate, H> of,
      Function<H, UUID> course,
      String told) {
    super(kind, type, COURSE_STEP, COURSE_STEP.HAPPENING_ID);
    this.of = of;
    this.course = course;
    this.told = told;
  }

  @Override
  void fill(CourseStepRecord row, H happening) {
    row.setCourse(course.apply(happening));
  }

  @Override
  H of(CourseStepRecord row, Act act) {
    return of.apply(row.getCourse(), act.on());
  }

  /** With what it was treated, as its card says at that time. */
  @Override
  public Optional<Sentence> words(H happening, Telling telling) {
    var runs = telling.before().inHand().treatment();
    return Optional.of(runs == null ? say(told) : say(told + ": {}", runs.course().product()));
  }
}
