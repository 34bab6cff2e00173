package almanac.core.judgement.verdict;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.moments.MonthsAhead;
import almanac.core.judgement.need.Care;
import almanac.core.judgement.need.Needs;
import almanac.core.judgement.readiness.Ripeness;
import almanac.core.judgement.reason.Reason;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Judges one plant on one day: the same situation and figures always give the same judgement. */
public final class Judge {
  private static final Comparator<Reason> WEIGHTIEST_FIRST =
      Comparator.comparing(Reason::side)
          .thenComparing(Reason::scale)
          .thenComparing(Comparator.comparingDouble(Reason::points).reversed());

  private final Figures figures;
  private final Approach approach;

  /** Judges by the house rules. */
  public Judge(Figures figures) {
    this(figures, Approach.HOUSE_RULES);
  }

  public Judge(Figures figures, Approach approach) {
    this.figures = figures;
    this.approach = approach;
  }

  /** Whether so much speaks for a move that it is not simply left. */
  public boolean someNeed(Judgement judged) {
    return judged.need() >= figures.of(JudgementFigures.LEAVE_BELOW);
  }

  /** The verdict on a plant, with its reasons. */
  public Judgement judge(Situation situation) {
    return judge(situation, Optional.empty());
  }

  /**
   * The same where the last day of a move was named before.
   *
   * @param promised that day
   */
  public Judgement judge(Situation situation, LocalDate promised) {
    return judge(situation, Optional.of(promised));
  }

  private Judgement judge(Situation situation, Optional<LocalDate> promised) {
    var evidence = new Evidence(situation, figures, approach);
    var needs = Needs.of(evidence);
    double need = Math.min(figures.of(NeedFigures.MOST), needs.points());
    var letGo = LettingGo.up(evidence);
    var decision = Decision.of(evidence, needs, need);
    var verdict = letGo.isPresent() ? Verdict.LET_GO : decision.verdict();
    var method = decision.method();
    var readiness = new Ripeness(evidence, method.intact()).today();

    var downhill = Downhill.of(evidence);
    var timing =
        When.of(new Decision(verdict, method, decision.choice()), evidence, need, promised);
    var ahead = Ahead.of(verdict, timing, decision.choice(), evidence);
    var reasons = new ArrayList<>(needs.reasons());
    reasons.addAll(readiness.reasons());
    reasons.sort(WEIGHTIEST_FIRST);
    letGo.ifPresent(given -> reasons.add(0, given.reason()));
    return new Judgement(
        approach,
        verdict,
        letGo
            .map(LettingGo.Given::advice)
            .orElseGet(() -> Advice.of(verdict, method, timing, evidence, need, ahead)),
        method,
        timing,
        new Judgement.Weighed(
            need,
            readiness.least(),
            readiness.most(),
            List.copyOf(reasons),
            FirstReasons.of(verdict, reasons)),
        new Judgement.Besides(
            care(verdict, needs).map(Care::fix).toList(),
            needs.remarks().stream().map(Care::fix).toList(),
            fixes(verdict, needs),
            Costs.of(verdict, method, evidence)),
        new Judgement.Looks(
            evidence.notLookedAt(), evidence.stale(), NextLook.after(verdict, timing, evidence)),
        new Judgement.Found(
            evidence.used(),
            evidence.leads(),
            evidence.roots(),
            evidence.longEnough(),
            evidence.gateOpens(),
            evidence.rest(),
            Stream.of(StillBroken.of(evidence), evidence.rest().words(), downhill)
                .flatMap(Optional::stream)
                .toList(),
            downhill.isPresent()),
        ahead);
  }

  /**
   * How much a plant will want a move through the year to come, and how well it would take one, for
   * the way in which it would be moved today.
   *
   * @param judged how it is judged today
   */
  public MonthsAhead monthsAhead(Situation situation, Judgement judged) {
    return new MonthsAhead(
        new Evidence(situation, figures, approach),
        judged.weighed().reasons(),
        judged.need(),
        judged.method().intact(),
        judged.ahead().nextMove());
  }

  /** What a move makes needless is not asked for beside it. */
  private static Stream<Care> care(Verdict verdict, Needs needs) {
    return needs.care().stream().filter(care -> !(care.tillMoved() && verdict.atTheBench()));
  }

  private static List<SmallJob> fixes(Verdict verdict, Needs needs) {
    return Stream.concat(care(verdict, needs), needs.remarks().stream())
        .flatMap(care -> care.job().stream().map(job -> new SmallJob(job, care.fix())))
        .toList();
  }
}
