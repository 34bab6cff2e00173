package almanac.core.holding;

import almanac.core.figures.Figures;
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
 * @param next the day of the next look
 * @param free the day from which it may stand with the others, as it looks now
 * @param over whether that day has come
 */
public record KeptApart(
    int looks, int cleanInARow, boolean found, LocalDate next, LocalDate free, boolean over) {

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
    int wanted = figures.count(HoldingFigures.APART_CLEAN);
    var next =
        looks == 0
            ? since.plusDays(figures.count(HoldingFigures.APART_FIRST))
            : last.plusDays(step);
    var term = since.plusDays(figures.count(HoldingFigures.APART_DAYS));
    var cleanBy = last.plusDays((long) step * Math.max(0, wanted - clean));
    var free = found && cleanBy.isAfter(term) ? cleanBy : term;
    boolean over = !today.isBefore(free) && clean >= Math.min(wanted, Math.max(1, looks));
    return new KeptApart(looks, clean, found, next.isBefore(today) ? today : next, free, over);
  }

  private static boolean nothing(Inspection inspection) {
    var pests = inspection.look(Item.PESTS);
    boolean harmless =
        pests.saw(Pests.NONE) || pests.saw(Pests.SPRINGTAIL) || pests.saw(Pests.SPIDER);
    var rot = inspection.look(Item.ROT);
    return harmless && (rot.seen().isEmpty() || rot.saw(Rot.NONE));
  }
}
