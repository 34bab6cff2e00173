package almanac.core.judgement.verdict;

import almanac.core.figures.Figures;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.moments.Choice;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * When a verdict is meant. The last day follows from what brought it about, never from today.
 * Rules: From need to verdict.
 */
final class When {
  private final Evidence evidence;
  private final Figures figures;
  private final LocalDate today;

  private When(Evidence evidence) {
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.today = evidence.today();
  }

  /**
   * @param promised the last day of a move, if one was named before
   */
  static Timing of(
      Decision decision, Evidence evidence, double need, Optional<LocalDate> promised) {
    var when = new When(evidence);
    return switch (decision.verdict()) {
      case LEAVE, WATCH, ADJUST_CARE -> new Timing.Open();
      case RESCUE, LET_GO -> new Timing.Now();
      case LIFT_AND_LOOK ->
          new Timing.Until(
              decision
                  .choice()
                  .restsOn()
                  .orElse(when.today)
                  .plusDays(when.figures.count(JudgementFigures.LIFT_WITHIN)));
      case WAIT_FOR -> new Timing.Waits(Waiting.of(evidence, decision.choice()));
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          when.moved(promised.orElseGet(() -> when.until(decision.choice())), need);
    };
  }

  /** The last day on which a move that is good today is as good. */
  static LocalDate lastDay(Evidence evidence, Choice choice) {
    return new When(evidence).until(choice);
  }

  private Timing moved(LocalDate until, double need) {
    if (evidence.rim().filter(Rim.DEFORMING::equals).isPresent()) {
      return new Timing.Now();
    }
    return need < figures.of(JudgementFigures.MUST_FROM) && !until.isBefore(today)
        ? new Timing.Between(today, until)
        : new Timing.Until(until);
  }

  /** Until the nubs are too long, light or warmth go, or its deadline; whichever comes first. */
  private LocalDate until(Choice choice) {
    return Stream.of(nubsEnd(), shuts(), choice.deadline())
        .flatMap(Optional::stream)
        .min(LocalDate::compareTo)
        .orElseGet(() -> aSeasonAfterTheLook(choice));
  }

  /** A start of growth that was missed is missed; other kinds have another moment. */
  private Optional<LocalDate> nubsEnd() {
    return switch (evidence.rule()) {
      case TIPS_GROWING -> Optional.empty();
      case START_OF_GROWTH ->
          evidence
              .forecast()
              .filter(roots -> roots.look().stage().beginning())
              .map(roots -> roots.lastAsNubs(figures));
      default -> asNubs(evidence);
    };
  }

  /** The last day on which roots that have just begun are likely to be nubs. */
  static Optional<LocalDate> asNubs(Evidence evidence) {
    return evidence
        .forecast()
        .filter(roots -> evidence.stage().filter(RootStage::beginning).isPresent())
        .map((RootForecast roots) -> roots.lastAsNubs(evidence.figures()))
        .filter(day -> !day.isBefore(evidence.today()));
  }

  private Optional<LocalDate> shuts() {
    return evidence
        .situation()
        .conditions()
        .gateOpenUntil(today, evidence.kind().warmth(), figures);
  }

  private LocalDate aSeasonAfterTheLook(Choice choice) {
    int season = figures.count(JudgementFigures.STANDS);
    var until =
        choice.restsOn().orElseGet(() -> evidence.situation().standsSince()).plusDays(season);
    while (until.isBefore(today)) {
      until = until.plusDays(season);
    }
    return until;
  }
}
