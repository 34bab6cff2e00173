package almanac.core.holding;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.followup.Check;
import almanac.core.followup.Purpose;
import almanac.core.followup.Window;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import java.time.LocalDate;
import java.util.List;

/**
 * How a new plant does while it is kept apart. Rules: Holding and keeping apart.
 *
 * @param looks how often it was looked over for pests since
 * @param cleanInARow how many of the last looks found nothing
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
    int looks = 0;
    int clean = 0;
    boolean found = false;
    var last = since;
    for (var inspection : inspections) {
      boolean looked = inspection.look(Item.PESTS).seen().isPresent();
      if (looked && !inspection.on().isBefore(since)) {
        looks++;
        boolean nothing = nothing(inspection);
        clean = nothing ? clean + 1 : 0;
        found = found || !nothing;
        last = inspection.on();
      }
    }
    int step = figures.count(HoldingFigures.APART_STEP);
    int wanting = Math.max(0, figures.count(HoldingFigures.APART_CLEAN) - clean);
    int slack = figures.count(HoldingFigures.APART_SLACK);
    var term = since.plusDays(figures.count(HoldingFigures.APART_DAYS));
    var best = found ? last.plusDays(step) : planned(since, last, figures);
    var cleanBy = best.plusDays((long) step * (wanting - 1));
    var free = wanting > 0 && cleanBy.isAfter(term) ? cleanBy : term;
    boolean seenAtTheEnd = !last.isBefore(term.minusDays(slack));
    return new KeptApart(
        looks,
        clean,
        found,
        last,
        new Window(best.minusDays(slack), best, best.plusDays(slack)),
        free,
        wanting == 0 && !today.isBefore(free) && (found || seenAtTheEnd));
  }

  /** A look over on which nothing was found. */
  public static Inspection nothingFound(LocalDate on) {
    return Inspection.on(on).with(Item.PESTS, Item.PESTS.saw(Pests.NONE));
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

  private static boolean nothing(Inspection inspection) {
    var pests = inspection.look(Item.PESTS);
    boolean harmless =
        pests.saw(Pests.NONE) || pests.saw(Pests.SPRINGTAIL) || pests.saw(Pests.SPIDER);
    var rot = inspection.look(Item.ROT);
    return harmless && (rot.seen().isEmpty() || rot.saw(Rot.NONE));
  }
}
