package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.rest.Resting;
import almanac.core.season.Lack;
import almanac.core.season.SeasonFigures;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What light and warmth make of a move on a day: a slope that costs readiness, and a gate at which
 * what can wait, waits. Rules: Season and conditions.
 *
 * @param lack what is short, if anything is
 * @param missing how much of it, 0 to 1
 * @param open whether the gate is open
 * @param resting whether the plant rests
 */
public record Season(Optional<Lack> lack, double missing, boolean open, boolean resting) {
  public static final Season GROWING = new Season(Optional.empty(), 0, true, false);

  /**
   * @param tips whether its root tips are seen growing then
   * @param rest how it rests then
   */
  public static Season on(
      LocalDate day, Situation situation, boolean tips, Resting rest, Figures figures) {
    return on(day, situation, tips, figures).during(rest);
  }

  private static Season on(LocalDate day, Situation situation, boolean tips, Figures figures) {
    var place = situation.conditions();
    var kind = situation.kind();
    var lack = place.lacks(day, kind.warmth(), figures);
    if (lack.isEmpty()) {
      return GROWING;
    }
    boolean light = lack.get() == Lack.LIGHT;
    boolean goesOn = light && tips && place.warm(day, kind.warmth(), figures);
    double missing = light ? place.lightMissing(day, figures) : 1;
    boolean open =
        place.gateOpen(day, kind.warmth(), figures)
            || goesOn && kind.of(Trait.READY_RULE) == ReadyRule.TIPS_GROWING;
    double share = goesOn ? figures.of(SeasonFigures.WARM_AND_GROWING) / 100 : 1;
    return new Season(lack, missing * share, open, false);
  }

  /** The same while it rests. */
  public Season atRest() {
    return new Season(lack, missing, open, true);
  }

  /** The same as its rest has it: one that holds a move back shuts the gate. */
  Season during(Resting rest) {
    return rest.stopped() ? new Season(lack, missing, open && !rest.holdsAMove(), true) : this;
  }

  /** Whether nothing is short and it does not rest. */
  public boolean growing() {
    return lack.isEmpty() && !resting;
  }
}
