package almanac.core.trainer;

import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.history.Plant;
import almanac.core.inspection.Finding;
import almanac.core.inspection.LookSpot;
import almanac.core.taught.MoveRecord;
import almanac.core.taught.MoveTold;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A day of a plant's own past that makes a case: somebody looked, and it was moved later with a
 * known outcome. Rules: The trainer.
 *
 * @param on the day of the look
 * @param moved the day of the move
 */
public record Lookback(LocalDate on, LocalDate moved) {
  private static final Set<Outcome> KNOWN =
      EnumSet.of(Outcome.RE_ESTABLISHED, Outcome.SLOW, Outcome.SET_BACK, Outcome.LOST);

  /**
   * All of one plant, oldest first.
   *
   * @param looks the days on which somebody looked at it, oldest first
   */
  public static List<Lookback> of(
      List<LocalDate> looks, List<MoveRecord> moves, LocalDate today, Figures figures) {
    var days = new ArrayList<Lookback>();
    LocalDate former = LocalDate.MIN;
    for (var record : moves) {
      var on = record.move().on();
      if (KNOWN.contains(MoveTold.of(record, today, figures).afterwards().outcome())) {
        var from = on.minusDays(figures.count(TrainerFigures.PAST));
        var after = former;
        looks.stream()
            .filter(day -> day.isAfter(after) && !day.isBefore(from) && day.isBefore(on))
            .forEach(day -> days.add(new Lookback(day, on)));
      }
      former = on;
    }
    return days;
  }

  /** What was seen soon after of what nobody had seen on that day, before anything was moved. */
  public Map<LookSpot, Finding<?>> knows(Plant whole, Figures figures) {
    var known = new LinkedHashMap<LookSpot, Finding<?>>();
    var life = whole.history().life();
    for (var later : life) {
      long days = ChronoUnit.DAYS.between(on, later.on());
      if (days > 0 && days <= figures.count(TrainerFigures.KNOWS) && !later.on().isAfter(moved)) {
        later.findings().forEach(known::putIfAbsent);
      }
    }
    life.stream()
        .filter(seen -> seen.on().equals(on))
        .forEach(seen -> known.keySet().removeAll(seen.findings().keySet()));
    return known;
  }
}
