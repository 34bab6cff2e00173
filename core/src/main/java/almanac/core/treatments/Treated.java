package almanac.core.treatments;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How far one plant is in its course. A look that finds something begins it anew. Rules:
 * Treatments.
 *
 * @param from the day from which treatments count: the beginning, or the last look that found
 *     something
 * @param done how often it was treated since
 * @param left how often it is still to be treated
 * @param lastTreated the last day on which it was, if it ever was
 * @param next the days for the next treatment; nothing if none is left
 * @param looked what was looked for, and when next
 * @param over whether it was treated often enough and looked clean often enough since
 * @param overFrom the day on which it will be over if every look is clean and none comes late
 * @param tooOften whether it was begun anew so often that something else should be thought of
 */
public record Treated(
    LocalDate from,
    int done,
    int left,
    Optional<LocalDate> lastTreated,
    Optional<Window> next,
    Looked looked,
    boolean over,
    LocalDate overFrom,
    boolean tooOften) {

  /**
   * The looks of a course.
   *
   * @param looks at which nothing was found, and those that found something
   * @param lookedAt the day of the last look, or of the beginning
   * @param nextLook the days for the next look
   */
  public record Looked(CleanLooks looks, LocalDate lookedAt, Window nextLook) {}

  /**
   * @param since the day on which the course began; looks of that day are why it did
   * @param treatments the days on which the plant was treated, oldest first
   * @param life its inspections, oldest first
   */
  public static Treated of(
      Course course,
      LocalDate since,
      List<LocalDate> treatments,
      List<Inspection> life,
      Figures figures) {
    int slack = figures.count(TreatmentFigures.SLACK);
    int step = figures.count(TreatmentFigures.LOOK_STEP);
    var looks =
        CleanLooks.of(life, course.foe()::clean, since.plusDays(1), Math.max(1, step - slack));
    var from = looks.found().orElse(since);
    var counting =
        treatments.stream().distinct().filter(day -> !day.isBefore(from)).sorted().toList();
    int left = Math.max(0, course.times() - counting.size());
    var last = treatments.stream().max(LocalDate::compareTo);
    var lastLook = looks.last().orElse(since);
    var next = next(course, from, last, slack);
    var treatedUntil = left == 0 ? from : next.best().plusDays((left - 1L) * course.every());
    int clean = figures.count(TreatmentFigures.CLEAN);
    var lookedUntil = lastLook.plusDays((long) step * Math.max(0, clean - looks.inARow()));
    return new Treated(
        from,
        counting.size(),
        left,
        last,
        left == 0 ? Optional.empty() : Optional.of(next),
        new Looked(looks, lastLook, Window.around(lastLook.plusDays(step), slack)),
        left == 0 && looks.inARow() >= clean,
        treatedUntil.isAfter(lookedUntil) ? treatedUntil : lookedUntil,
        looks.times() >= figures.count(TreatmentFigures.TOO_OFTEN));
  }

  /** Never sooner than the label allows: the days between two treatments are the least. */
  private static Window next(Course course, LocalDate from, Optional<LocalDate> last, int slack) {
    var allowed = last.map(day -> day.plusDays(course.every())).orElse(from);
    var best = allowed.isBefore(from) ? from : allowed;
    return new Window(best, best, best.plusDays(slack));
  }

  /** The day of the last treatment that counts, or that from which they count. */
  public LocalDate countsFrom() {
    return lastTreated.filter(day -> day.isAfter(from)).orElse(from);
  }

  /** The next treatment, if one is left. */
  public Optional<Check> treat() {
    return next.map(window -> new Check(Purpose.TREAT, window));
  }

  /** The next look. */
  public Check look() {
    return new Check(Purpose.TREATED, looked.nextLook());
  }
}
