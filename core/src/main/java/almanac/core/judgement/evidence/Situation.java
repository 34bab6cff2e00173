package almanac.core.judgement.evidence;

import almanac.core.history.Aim;
import almanac.core.history.Arrival;
import almanac.core.history.PlantHistory;
import almanac.core.kinds.Kind;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootSpeed;
import almanac.core.season.Conditions;
import java.time.LocalDate;
import java.util.Optional;

/**
 * All that a judgement rests on.
 *
 * @param today the day for which to judge
 * @param kind the kind of plant
 * @param history what has happened to it
 * @param conditions where it stands
 * @param arrival how it came; nothing if nobody knows
 * @param aim what the collector wants of it
 * @param rootSpeed how fast roots of its kind grow, as the collector's own plants of it show;
 *     nothing where that is not asked for
 */
public record Situation(
    LocalDate today,
    Kind kind,
    PlantHistory history,
    Conditions conditions,
    Optional<Arrival> arrival,
    Aim aim,
    Optional<RootSpeed> rootSpeed) {

  /**
   * Since when it is known to stand in its medium: what nobody saw being potted stood in it when it
   * came, however late that was written down.
   */
  public LocalDate standsSince() {
    var potting = history.potting();
    var known = potting.knownSince();
    return potting.pottedOn() instanceof PottedOn.Unknown
        ? arrival.map(Arrival::on).filter(known::isAfter).orElse(known)
        : known;
  }

  /**
   * The same plant on an earlier day, with what was known by then.
   *
   * @param day not before its present potting
   */
  public Situation asOf(LocalDate day) {
    return new Situation(day, kind, history.asOf(day), conditions, arrival, aim, rootSpeed);
  }

  /** The same plant with another history; for asking what would follow. */
  public Situation with(PlantHistory other) {
    return new Situation(today, kind, other, conditions, arrival, aim, rootSpeed);
  }
}
