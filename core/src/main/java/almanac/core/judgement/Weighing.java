package almanac.core.judgement;

import almanac.core.figures.Figure;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.judgement.Reason.Scale;
import almanac.core.judgement.Reason.Side;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the rules of need have to say of one plant, gathered as they speak. */
final class Weighing {
  private final Evidence evidence;
  private final List<Reason> reasons = new ArrayList<>();
  private final List<Sentence> care = new ArrayList<>();

  Weighing(Evidence evidence) {
    this.evidence = evidence;
  }

  /** A hazard: act now. */
  void hazard(String rule, Item<?> seen, Sentence sentence) {
    add(rule, Side.FOR, Scale.HAZARD, sentence, evidence.figures.of(NeedFigures.MOST), at(seen));
  }

  /** A need with the points of its figure. */
  void need(Figure figure, Item<?> seen, Sentence sentence) {
    need(figure, sentence, evidence.figures.of(figure), at(seen));
  }

  void need(Figure figure, Sentence sentence, double points, Optional<SeenAt> look) {
    add(figure.key(), Side.FOR, Scale.NEED, sentence, points, look);
  }

  /** Speaks against a move. */
  void against(Figure figure, Item<?> seen, Sentence sentence) {
    against(figure.key(), sentence, at(seen));
  }

  /** Speaks against a move while the look is fresh; what was well long ago calms nobody. */
  void reassured(Figure figure, Item<?> seen, Sentence sentence) {
    if (!evidence.stale(seen)) {
      against(figure, seen, sentence);
    }
  }

  void against(String rule, Sentence sentence, Optional<SeenAt> look) {
    add(rule, Side.AGAINST, Scale.NEED, sentence, 0, look);
  }

  /** Was seen, and is no reason; said aloud so that nobody takes it for one. */
  void noReason(String name, Item<?> seen, Sentence sentence) {
    add("no-reason." + name, Side.AGAINST, Scale.NO_REASON, sentence, 0, at(seen));
  }

  /** A fix without unpotting. */
  void care(Sentence fix) {
    care.add(fix);
  }

  List<Reason> reasons() {
    return List.copyOf(reasons);
  }

  List<Sentence> careFixes() {
    return List.copyOf(care);
  }

  private Optional<SeenAt> at(Item<?> item) {
    return evidence.seenAt(item, Lead.FIRST);
  }

  private void add(
      String rule,
      Side side,
      Scale scale,
      Sentence sentence,
      double points,
      Optional<SeenAt> look) {
    reasons.add(new Reason(rule, side, scale, sentence, points, look));
  }
}
