package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.inspection.Item;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.judgement.Reason.Scale;
import almanac.core.judgement.Reason.Side;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumState;
import almanac.core.medium.Piece;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/** The reasons to move a plant, and what speaks against them. Rules: Needs, Hazards. */
final class Needs {
  private final Evidence evidence;
  private final List<Reason> reasons = new ArrayList<>();

  private Needs(Evidence evidence) {
    this.evidence = evidence;
  }

  /** All that speaks for or against a need; hazards first. */
  static List<Reason> of(Evidence evidence) {
    var needs = new Needs(evidence);
    needs.hazards();
    needs.medium();
    needs.rootsInPot();
    needs.stability();
    return List.copyOf(needs.reasons);
  }

  private void hazards() {
    var roots = evidence.look(Item.ROOTS_IN_POT);
    var piece = evidence.look(Item.MEDIUM_PIECE);
    roots
        .seen()
        .filter(seen -> seen.finding().answer() == RootsInPot.MOSTLY_SOFT)
        .ifPresent(
            seen ->
                hazard(
                    "hazard.roots-soft",
                    say(
                        "Roots in the pot mostly soft on {}; what is left cannot wait",
                        seen.on())));
    if (roots.saw(RootsInPot.MIXED) && piece.saw(Piece.MUSH)) {
      hazard(
          "hazard.suffocating",
          say("Roots are turning soft in a medium that has gone to mush: it is smothering them"));
    }
  }

  private void medium() {
    if (evidence.used.isEmpty()) {
      against("medium.inert", say("Nothing in the medium decays: it has no clock"));
      return;
    }
    var used = evidence.used.get();
    double points = mediumPoints(used.likely());
    var state = MediumState.at(used.likely(), evidence.figures);
    var percent = Measure.PERCENT.of(Math.round(used.likely()));
    var sentence = say("Medium {} used, {}: ", percent, state.words());
    var whole = join(sentence, used.because());
    if (points > 0) {
      reasons.add(new Reason("need.medium-due", Side.FOR, Scale.NEED, whole, points));
    } else {
      against("medium.mature", whole);
    }
  }

  /** Straight lines between the points; nothing below the mature state. */
  private double mediumPoints(double used) {
    double[][] line = {
      {of(MediumFigures.MATURE), 0},
      {of(MediumFigures.DUE), of(NeedFigures.MEDIUM_DUE)},
      {of(MediumFigures.SPENT), of(NeedFigures.MEDIUM_SPENT)},
      {of(NeedFigures.GONE_AT), of(NeedFigures.MEDIUM_GONE)}
    };
    if (used <= line[0][0]) {
      return 0;
    }
    for (int i = 1; i < line.length; i++) {
      if (used <= line[i][0]) {
        double along = (used - line[i - 1][0]) / (line[i][0] - line[i - 1][0]);
        return line[i - 1][1] + along * (line[i][1] - line[i - 1][1]);
      }
    }
    return line[line.length - 1][1];
  }

  private void rootsInPot() {
    evidence
        .look(Item.ROOTS_IN_POT)
        .answer()
        .ifPresent(
            roots -> {
              switch (roots) {
                case MIXED ->
                    need(NeedFigures.ROOTS_MIXED, say("Roots in the pot are mixed, some soft"));
                case FIRM -> against("need.roots-mixed", say("Roots in the pot are firm"));
                case NONE ->
                    against(
                        "need.roots-mixed",
                        say("No roots in the pot: nothing there for the medium to harm"));
                case MOSTLY_SOFT -> {}
              }
            });
  }

  private void stability() {
    evidence
        .look(Item.STABILITY)
        .answer()
        .ifPresent(
            stands -> {
              switch (stands) {
                case FIRM -> against("need.loose", say("It stands firm"));
                case SLIGHT_WOBBLE ->
                    need(NeedFigures.WOBBLE, say("It wobbles a little; a stake may be enough"));
                case LOOSE -> need(NeedFigures.LOOSE, say("It sits loose in the pot"));
                case LEANING, TIPPING ->
                    need(
                        NeedFigures.LEANING,
                        say(
                            stands == Stability.LEANING
                                ? "It leans, and breaks its new roots as it moves"
                                : "It tips out of the pot"));
              }
            });
  }

  private double of(Figure figure) {
    return evidence.figures.of(figure);
  }

  private void hazard(String rule, Sentence sentence) {
    reasons.add(new Reason(rule, Side.FOR, Scale.HAZARD, sentence, of(NeedFigures.MOST)));
  }

  private void need(Figure figure, Sentence sentence) {
    reasons.add(new Reason(figure.key(), Side.FOR, Scale.NEED, sentence, of(figure)));
  }

  private void against(String rule, Sentence sentence) {
    reasons.add(new Reason(rule, Side.AGAINST, Scale.NEED, sentence, 0));
  }

  private static Sentence join(Sentence first, Sentence second) {
    var parts = new ArrayList<>(first.parts());
    parts.addAll(second.parts());
    return new Sentence(parts);
  }
}
