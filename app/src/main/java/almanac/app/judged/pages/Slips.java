package almanac.app.judged.pages;

import almanac.app.judged.pages.Slip.TimingKind;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.DecidingLook;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.compare.Promised;
import almanac.core.judgement.compare.Since;
import almanac.core.judgement.evidence.LeadRoots;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.moments.Moment;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.risk.Broken;
import almanac.core.judgement.risk.Handling;
import almanac.core.judgement.risk.MoveRisk;
import almanac.core.judgement.verdict.Ahead;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Risks;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumState;
import almanac.core.medium.UsedLife;
import almanac.core.roots.ForecastCourse;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootForecast;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Draws up the slips of one situation. */
public final class Slips {
  private static final double HUNDREDTHS = 100;

  private final Situation situation;
  private final Figures figures;
  private final Function<Judgement, Optional<MoveRisk>> risk;

  private Slips(
      Situation situation, Figures figures, Function<Judgement, Optional<MoveRisk>> risk) {
    this.situation = situation;
    this.figures = figures;
    this.risk = risk;
  }

  /** The slip of any situation. */
  public static Slip of(Situation situation, Approach approach, Figures figures) {
    var judge = new Judge(figures, approach);
    var judged = judge.judge(situation);
    var since = Since.of(judge, situation, judged);
    return of(situation, judge, Promised.of(judge, situation, judged, since), since, figures);
  }

  /** The slip of a situation as it would be if the plant were moved in that way. */
  public static Slip handled(
      Situation situation, Approach approach, Figures figures, Handling handling) {
    var judge = new Judge(figures, approach);
    var judged = judge.judge(situation);
    var since = Since.of(judge, situation, judged);
    return new Slips(
            situation, figures, of -> Optional.of(Risks.of(situation, of, handling, figures)))
        .of(judge, Promised.of(judge, situation, judged, since), since);
  }

  /**
   * The slip of a situation that was judged already.
   *
   * @param judge by whom
   * @param since the day since when it asks for what it asks for
   */
  static Slip of(
      Situation situation,
      Judge judge,
      Judgement judged,
      Optional<LocalDate> since,
      Figures figures) {
    return new Slips(situation, figures, of -> Risks.of(situation, of, figures))
        .of(judge, judged, since);
  }

  private Slip of(Judge judge, Judgement judged, Optional<LocalDate> since) {
    return of(
        judged,
        since,
        new DecidingLooks(judge).of(situation, judged),
        Comparison.all(situation, judged, figures));
  }

  private Slip of(
      Judgement judged,
      Optional<LocalDate> since,
      List<DecidingLook> deciding,
      List<Comparison> approaches) {
    var window = judged.looks().nextCheck().window();
    return new Slip(
        situation.today(),
        judged.approach(),
        judged.verdict(),
        judged.verdict().family(),
        judged.verdict().atTheBench(),
        judged.title(),
        Part.of(judged.advice()),
        judged.found().first().stream().map(Part::of).toList(),
        judged.found().downhill(),
        Math.round(judged.need()),
        Math.round(judged.readiness()),
        Math.round(judged.weighed().readinessMost()),
        moves(judged) ? judged.method().words().toString() : null,
        moves(judged) ? judged.method().because() : null,
        moves(judged) ? List.copyOf(judged.method().steps()) : List.of(),
        judged.besides().care().stream().map(Sentence::toString).toList(),
        judged.besides().remarks().stream().map(Sentence::toString).toList(),
        judged.besides().costs().stream().map(Sentence::toString).toList(),
        risk.apply(judged).map(Slips::risk).orElse(null),
        judged.found().gateOpens().orElse(null),
        since.orElse(null),
        when(judged.timing(), situation.today()),
        ahead(judged.ahead()),
        judged.weighed().reasons().stream().map(reason -> reason(reason, judged)).toList(),
        judged.looks().notLookedAt().stream().map(Item::key).toList(),
        judged.looks().stale().stream().map(Item::key).toList(),
        deciding.stream().map(Slips::decider).toList(),
        approaches.stream().map(each -> Slip.ByApproach.of(each, judged.approach())).toList(),
        new Slip.CheckAsked(
            judged.looks().nextCheck().purpose(), window.early(), window.best(), window.late()),
        judged.found().used().map(this::medium).orElse(null),
        charts(judged));
  }

  private static boolean moves(Judgement judged) {
    return judged.verdict().family() != Family.LEAVE_ALONE
        && judged.verdict() != Verdict.LIFT_AND_LOOK
        && judged.verdict() != Verdict.LET_GO;
  }

  private static Slip.Risk risk(MoveRisk risk) {
    return new Slip.Risk(
        Part.of(risk.words()),
        risk.today().map(Broken::tips).orElse(null),
        risk.today().map(Broken::lost).orElse(null),
        risk.lowered().stream()
            .map(
                lowered ->
                    new Slip.Lowered(
                        Part.of(lowered.by()), lowered.to().tips(), lowered.to().lost()))
            .toList(),
        risk.weeks().stream()
            .map(
                week ->
                    new Slip.RiskWeek(
                        week.on(), week.stage(), week.broken().tips(), week.broken().lost()))
            .toList());
  }

  private static Slip.ReasonLine reason(Reason reason, Judgement judged) {
    return new Slip.ReasonLine(
        reason.basis().figure().map(Figure::key).orElse(null),
        reason.side(),
        reason.basis().figure().map(Figure::reason).orElse(null),
        judged.weighed().carried().contains(reason),
        reason.scale(),
        Part.of(reason.sentence()),
        Math.round(reason.points()),
        reason
            .look()
            .map(look -> new Slip.LookRef(look.spot().key(), look.spot().title(), look.on()))
            .orElse(null));
  }

  private static Slip.Decider decider(DecidingLook look) {
    return new Slip.Decider(
        look.spot().key(),
        look.spot().title(),
        look.spot().item().how(),
        look.outcomes(),
        look.changes().stream()
            .map(
                change ->
                    new Slip.Outcome(change.answer(), change.verdict(), change.verdict().words()))
            .toList(),
        Part.of(look.words()));
  }

  /** When a verdict is meant, as it is sent. */
  public static Slip.When when(Timing timing, LocalDate day) {
    if (timing instanceof Timing.Now) {
      return new Slip.When(TimingKind.NOW, day, null, day, List.of());
    }
    if (timing instanceof Timing.Until until) {
      return new Slip.When(TimingKind.BY, day, null, until.until(), List.of());
    }
    if (timing instanceof Timing.Between between) {
      return new Slip.When(TimingKind.BETWEEN, between.from(), null, between.until(), List.of());
    }
    return timing instanceof Timing.Waits waits
        ? waiting(waits.awaited())
        : new Slip.When(TimingKind.OPEN, null, null, null, List.of());
  }

  private static Slip.When waiting(Wait wait) {
    return new Slip.When(
        TimingKind.WAIT_FOR, wait.earliest(), wait.likely(), wait.latest(), wait.conditions());
  }

  private static Slip.MovesAhead ahead(Ahead ahead) {
    return new Slip.MovesAhead(
        ahead.deadline().orElse(null),
        nextMove(ahead),
        ahead.moments().stream().map(Slips::moment).toList());
  }

  /** When the next move is to be expected, as it is sent. */
  static Slip.@Nullable NextMove nextMove(Ahead ahead) {
    return ahead
        .nextMove()
        .map(wait -> new Slip.NextMove(wait.earliest(), wait.likely(), wait.latest(), wait.comes()))
        .orElse(null);
  }

  private static Slip.Moment moment(Moment moment) {
    return new Slip.Moment(
        moment.brings(),
        moment.earliest(),
        moment.likely(),
        moment.latest(),
        Math.round(moment.need()),
        Math.round(moment.readiness()),
        moment.foretold(),
        moment.open());
  }

  private Slip.MediumLife medium(UsedLife used) {
    return new Slip.MediumLife(
        Math.round(used.likely()),
        Math.round(used.least()),
        used.most().isPresent() ? Math.round(used.most().getAsDouble()) : null,
        used.byCalendar().isPresent() ? Math.round(used.byCalendar().getAsDouble()) : null,
        state(used),
        Part.of(used.because()),
        figures.of(MediumFigures.MATURE),
        figures.of(MediumFigures.DUE),
        figures.of(MediumFigures.SPENT));
  }

  /** What nobody knows is called so, until it is sure to be spent. */
  private String state(UsedLife used) {
    var state = MediumState.at(used.likely(), figures);
    return used.known() || state == MediumState.SPENT ? state.words() : "unknown";
  }

  private List<Slip.RootChart> charts(Judgement judged) {
    return judged.found().leads().stream()
        .sorted(Comparator.comparing(lead -> lead.lead() != judged.found().roots().lead()))
        .flatMap(lead -> lead.forecast().map(forecast -> chart(lead, forecast, judged)).stream())
        .toList();
  }

  private Slip.RootChart chart(LeadRoots lead, RootForecast forecast, Judgement judged) {
    var opensAt = judged.found().longEnough();
    double safeAgain = opensAt.orElse(figures.of(RootFigures.MID_MOST));
    return new Slip.RootChart(
        lead.lead().name(),
        forecast.look().on(),
        forecast.look().stage(),
        forecast.look().longestMm().isPresent(),
        forecast.seenMm(),
        Math.round(HUNDREDTHS * forecast.speed().mmAWeek()) / HUNDREDTHS,
        forecast.measurements(),
        Part.of(forecast.restsOn(situation.today(), figures)),
        figures.of(RootFigures.NUB_MOST),
        figures.of(RootFigures.SHORT_MOST),
        figures.of(RootFigures.MID_MOST),
        opensAt.isPresent() ? opensAt.getAsDouble() : null,
        range(forecast.nubUntil(figures)),
        range(forecast.passes(safeAgain, figures)),
        opensAt.isPresent(),
        ForecastCourse.of(forecast, safeAgain, situation.today(), figures).stream()
            .map(
                point ->
                    new Slip.Ahead(
                        point.on(),
                        point.span().least(),
                        point.span().likely(),
                        point.span().most()))
            .toList(),
        lead.looks().stream()
            .map(
                look ->
                    new Slip.Seen(
                        look.on(),
                        look.stage(),
                        look.longestMm().isPresent() ? look.longestMm().getAsDouble() : null))
            .toList());
  }

  private static Slip.Range range(RootForecast.Passing passing) {
    return new Slip.Range(passing.earliest(), passing.likely(), passing.latest());
  }
}
