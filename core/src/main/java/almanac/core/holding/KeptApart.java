package almanac.core.holding;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.treatments.CleanLooks;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How a new plant does while it is kept apart. Rules: Holding and keeping apart.
 *
 * @param looks on how many days it was looked over for pests since
 * @param cleanInARow how many of the last looks found nothing; of one day they count as one
 * @param found whether anything was ever found since
 * @param last the day of the last look, or of the beginning
 * @param next the days for the next look
 * @param free the day from which it may stand with the others, as it looks now
 * @param over whether that day has come
 */
public record KeptApart(
    int looks,
    int cleanInARow,
    boolean found,
    LocalDate last,
    Window next,
    LocalDate free,
    boolean over) {

  private static final List<Figure> PLANNED =
      List.of(
          HoldingFigures.APART_FIRST,
          HoldingFigures.APART_SECOND,
          HoldingFigures.APART_THIRD,
          HoldingFigures.APART_DAYS);

  /**
   * @param inspections of its life, oldest first
   * @param since the day since which it is kept apart
   */
  public static KeptApart of(
      List<Inspection> inspections, LocalDate since, LocalDate today, Figures figures) {
    var seen = CleanLooks.of(inspections, KeptApart::nothing, since, 1);
    int clean = seen.inARow();
    boolean found = seen.found().isPresent();
    var last = seen.last().orElse(since);
    int step = figures.count(HoldingFigures.APART_STEP);
    int wanting = Math.max(0, figures.count(HoldingFigures.APART_CLEAN) - clean);
    int slack = figures.count(HoldingFigures.APART_SLACK);
    var term = since.plusDays(figures.count(HoldingFigures.APART_DAYS));
    var best = found ? last.plusDays(step) : planned(since, last, figures);
    var cleanBy = best.plusDays((long) step * (wanting - 1));
    var free = wanting > 0 && cleanBy.isAfter(term) ? cleanBy : term;
    boolean seenAtTheEnd = !last.isBefore(term.minusDays(slack));
    return new KeptApart(
        seen.looks(),
        clean,
        found,
        last,
        Window.around(best, slack),
        free,
        wanting == 0 && !today.isBefore(free) && (found || seenAtTheEnd));
  }

  /** The next look as a check. */
  public Check check() {
    return new Check(Purpose.APART, next);
  }

  /** The first planned day that the last look did not serve; a week on after them all. */
  private static LocalDate planned(LocalDate since, LocalDate last, Figures figures) {
    int slack = figures.count(HoldingFigures.APART_SLACK);
    return PLANNED.stream()
        .map(day -> since.plusDays(figures.count(day)))
        .filter(day -> day.minusDays(slack).isAfter(last))
        .findFirst()
        .orElse(last.plusDays(figures.count(HoldingFigures.APART_STEP)));
  }

  /** A look for pests is what counts; rot that was seen with it counts against it. */
  private static Optional<Boolean> nothing(Inspection inspection) {
    return Foe.PESTS
        .clean(inspection)
        .map(clean -> clean && Foe.ROT.clean(inspection).orElse(true));
  }
}
