package almanac.app.record.journal;

import static almanac.app.db.Tables.COURSE;

import almanac.app.db.tables.records.CourseRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A kind of happening that tells of a course, on the day of its act.
 *
 * @param <H> the kind
 */
final class CourseCodec<H extends Happening> extends TableCodec<H, CourseRecord> {
  private final BiFunction<Course, LocalDate, H> of;
  private final Function<H, Course> course;
  private final Function<Course, Sentence> told;

  CourseCodec(
      String kind,
      Class<H> type,
      BiFunction<Course, LocalDate, H> of,
      Function<H, Course> course,
      Function<Course, Sentence> told) {
    super(kind, type, COURSE, COURSE.HAPPENING_ID);
    this.of = of;
    this.course = course;
    this.told = told;
  }

  @Override
  void fill(CourseRecord row, H happening) {
    var its = course.apply(happening);
    row.setCourse(its.uid());
    row.setProduct(its.product());
    row.setFoe(its.foe().name());
    row.setEveryDays(its.every());
    row.setTimes(its.times());
  }

  @Override
  H of(CourseRecord row, Act act) {
    return of.apply(
        new Course(
            row.getCourse(),
            row.getProduct(),
            Foe.valueOf(row.getFoe()),
            row.getEveryDays(),
            row.getTimes()),
        act.on());
  }

  @Override
  public Optional<Sentence> words(H happening, Telling telling) {
    return Optional.of(told.apply(course.apply(happening)));
  }
}
