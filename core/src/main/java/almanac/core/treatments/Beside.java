package almanac.core.treatments;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.List;

/**
 * How a plant looks that stood beside one under treatment. Rules: Treatments.
 *
 * @param looks since that day
 * @param lookedAt the day of the last look, or of the beginning
 * @param next the days for the next look
 * @param over whether it looked clean often enough
 */
public record Beside(CleanLooks looks, LocalDate lookedAt, Window next, boolean over) {
  /**
   * @param since the day on which its neighbour's course began; a look of that day counts
   * @param life its inspections, oldest first
   */
  public static Beside of(Foe foe, LocalDate since, List<Inspection> life, Figures figures) {
    int slack = figures.count(TreatmentFigures.SLACK);
    int step = figures.count(TreatmentFigures.LOOK_STEP);
    var looks = CleanLooks.of(life, foe::clean, since, Math.max(1, step - slack));
    var best = looks.last().map(last -> last.plusDays(step)).orElse(since);
    return new Beside(
        looks,
        looks.last().orElse(since),
        looks.last().isEmpty()
            ? new Window(best, best, best.plusDays(slack))
            : Window.around(best, slack),
        looks.inARow() >= figures.count(TreatmentFigures.CLEAN));
  }

  /** The next look as a check. */
  public Check check() {
    return new Check(Purpose.BESIDE, next);
  }
}
