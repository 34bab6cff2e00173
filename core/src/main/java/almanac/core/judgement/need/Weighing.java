package almanac.core.judgement.need;

import almanac.core.inspection.Fix;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.SeenAt;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the rules of need have to say of one plant, gathered as they speak. */
final class Weighing {
  private final Evidence evidence;
  private final List<Reason> reasons = new ArrayList<>();
  private final List<Care> care = new ArrayList<>();
  private final List<Care> remarks = new ArrayList<>();

  Weighing(Evidence evidence) {
    this.evidence = evidence;
  }

  /** A hazard: act now. */
  void hazard(Hazard hazard, Item<?> seen, Sentence sentence) {
    add(hazard, Side.FOR, sentence, evidence.figures().of(NeedFigures.MOST), at(seen));
  }

  /** A need with the points of its figure. */
  void need(Need need, Item<?> seen, Sentence sentence) {
    need(need, sentence, at(seen));
  }

  void need(Need need, Sentence sentence, Optional<SeenAt> look) {
    need(need, sentence, evidence.figures().of(need.counts()), look);
  }

  void need(Need need, Sentence sentence, double points, Optional<SeenAt> look) {
    add(need, Side.FOR, sentence, points, look);
  }

  /** Speaks against a move. */
  void against(Need need, Item<?> seen, Sentence sentence) {
    against(need, sentence, at(seen));
  }

  /** Speaks against a move while the look is fresh; what was well long ago calms nobody. */
  void reassured(Need need, Item<?> seen, Sentence sentence) {
    if (!evidence.stale(seen)) {
      against(need, seen, sentence);
    }
  }

  void against(Basis basis, Sentence sentence, Optional<SeenAt> look) {
    add(basis, Side.AGAINST, sentence, 0, look);
  }

  /** Was seen, and is no reason; said aloud so that nobody takes it for one. */
  void noReason(NoReason name, Item<?> seen, Sentence sentence) {
    add(name, Side.AGAINST, sentence, 0, at(seen));
  }

  /** Whether anything so far counts for a move. */
  boolean anyNeed() {
    return reasons.stream().anyMatch(reason -> reason.points() > 0);
  }

  /** A fix without unpotting, that is wanted whatever becomes of the plant. */
  void care(Fix job, Sentence words) {
    care(job, words, false);
  }

  /** A fix that a move makes needless. */
  void careTillMoved(Fix job, Sentence words) {
    care(job, words, true);
  }

  /** Something to leave alone until a move. */
  void leftTillMoved(Sentence words) {
    care.add(new Care(words, true, Optional.empty()));
  }

  /**
   * Once it is done it is not asked for again until the same is seen again; nothing wets what is to
   * be kept dry.
   */
  private void care(Fix job, Sentence words, boolean tillMoved) {
    boolean harms = job.wets() && evidence.rest().keptDry();
    if (!harms && !evidence.done(job)) {
      care.add(new Care(words, tillMoved, Optional.of(job)));
    }
  }

  /** Something to be done that is no matter of moving or care. */
  void remark(Fix job, Sentence what) {
    remarks.add(new Care(what, false, Optional.of(job)));
  }

  List<Care> remarks() {
    return List.copyOf(remarks);
  }

  List<Reason> reasons() {
    return List.copyOf(reasons);
  }

  List<Care> careFixes() {
    return List.copyOf(care);
  }

  private Optional<SeenAt> at(Item<?> item) {
    return evidence.seenAt(item, Lead.FIRST);
  }

  private void add(
      Basis basis, Side side, Sentence sentence, double points, Optional<SeenAt> look) {
    reasons.add(new Reason(basis, side, sentence, points, look));
  }
}
