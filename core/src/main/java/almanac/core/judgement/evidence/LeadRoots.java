package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.history.PlantHistory;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.InspectionFigures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.RootTips;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootSpeed;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The newest roots of one lead.
 *
 * @param lead whose roots they are
 * @param looks every look at them in this pot, oldest first
 * @param forecast where they will be, if a growing tip was seen
 * @param stage how far they are today, if that can still be said
 * @param lengthMm their likely length today, for growing tips
 */
public record LeadRoots(
    Lead lead,
    List<RootLook> looks,
    Optional<RootForecast> forecast,
    Optional<RootStage> stage,
    OptionalDouble lengthMm) {

  /** A lead whose roots nobody has looked at. */
  static LeadRoots unseen(Lead lead) {
    return new LeadRoots(
        lead, List.of(), Optional.empty(), Optional.empty(), OptionalDouble.empty());
  }

  static LeadRoots of(Lead lead, Situation situation, Figures figures) {
    var history = situation.history();
    var today = situation.today();
    var looks = until(today, lead, history);
    if (looks.isEmpty()) {
      return unseen(lead);
    }
    var last = looks.get(looks.size() - 1);
    long age = ChronoUnit.DAYS.between(last.on(), today);
    if (stopped(lead, history, last.on(), today) || broken(history, last.on(), today)) {
      boolean holds = age <= figures.of(InspectionFigures.NEW_ROOTS_RESTING);
      return new LeadRoots(
          lead,
          looks,
          Optional.empty(),
          holds ? Optional.of(RootStage.NONE) : Optional.empty(),
          OptionalDouble.empty());
    }
    var forecast =
        last.stage().nothingToMeasure()
            ? Optional.<RootForecast>empty()
            : RootForecast.of(
                looks,
                situation.rootSpeed().orElseGet(() -> ofKind(situation.kind(), figures)),
                situation.conditions().pace(situation.kind().warmth(), figures),
                figures);
    if (!last.stage().measurable()) {
      boolean holds = age <= figures.of(holdsGood(last.stage()));
      return new LeadRoots(
          lead,
          looks,
          forecast,
          holds ? Optional.of(last.stage()) : Optional.empty(),
          OptionalDouble.empty());
    }
    if (age > figures.of(ReadinessFigures.FORECAST_DAYS)) {
      return new LeadRoots(lead, looks, forecast, Optional.empty(), OptionalDouble.empty());
    }
    return new LeadRoots(
        lead,
        looks,
        forecast,
        Optional.of(forecast.orElseThrow().stageOn(today, figures)),
        OptionalDouble.of(forecast.orElseThrow().lengthOn(today)));
  }

  private static RootSpeed ofKind(Kind kind, Figures figures) {
    return RootSpeed.ofKind(kind.of(Trait.ROOT_SPEED), figures);
  }

  /** The last look at them; for those that were looked at. */
  public RootLook lastLook() {
    return looks.get(looks.size() - 1);
  }

  /** Whether a tip is there that a move could break. */
  public boolean growing() {
    return stage.filter(RootStage::measurable).isPresent();
  }

  /** How long a look at roots of that stage speaks for today. */
  static almanac.core.figures.Figure holdsGood(RootStage seen) {
    return seen.nothingToMeasure()
        ? InspectionFigures.NEW_ROOTS_RESTING
        : InspectionFigures.NEW_ROOTS_GROWING;
  }

  /** Every look at the roots of a lead in this pot, oldest first. */
  static List<RootLook> looks(Lead lead, PlantHistory history) {
    var looks = new ArrayList<RootLook>();
    for (var inspection : history.inspections()) {
      var look = inspection.look(Items.NEW_ROOTS, lead);
      look.answer()
          .ifPresent(stage -> looks.add(new RootLook(inspection.on(), stage, look.measured())));
    }
    return looks;
  }

  private static List<RootLook> until(LocalDate today, Lead lead, PlantHistory history) {
    return history.latest(Items.NEW_ROOTS, lead, today).seen().isEmpty()
        ? List.of()
        : looks(lead, history).stream().filter(look -> !look.on().isAfter(today)).toList();
  }

  /** All new tips of the flush broken short: those roots are done. */
  private static boolean broken(PlantHistory history, LocalDate since, LocalDate day) {
    var breakage = history.latest(Items.BREAKAGE, day);
    return breakage.saw(Breakage.ALL_TIPS)
        && breakage.seen().filter(seen -> !seen.on().isBefore(since)).isPresent();
  }

  private static boolean stopped(Lead lead, PlantHistory history, LocalDate since, LocalDate day) {
    var tips = history.latest(Items.ROOT_TIPS, lead, day);
    return tips.saw(RootTips.STOPPED)
        && tips.seen().filter(seen -> !seen.on().isBefore(since)).isPresent();
  }
}
