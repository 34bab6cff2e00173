package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.words.Sentence;

/**
 * Whether a plant that has just come is repotted now or held in the pot it came in. Rules: Holding
 * and keeping apart.
 *
 * @param choice what is best
 * @param because why
 */
public record NowOrHold(Choice choice, Sentence because) {
  private static final Basis POOR_PLACE = new Basis.Loss(ReadinessFigures.OUT_OF_SEASON);

  /** What can be done with a new plant. */
  public enum Choice {
    /** Nobody knows enough yet. */
    LOOK_FIRST,
    /** Its roots and conditions carry a move, or it is in danger. */
    REPOT_NOW,
    /** It stays in the pot it came in until it can take a move. */
    HOLD,
    /** It is not worth the danger to the others. */
    NEITHER
  }

  /**
   * @param judged the plant as it is judged today
   * @param lookedAt whether it was looked at since it came
   */
  public static NowOrHold of(Judgement judged, boolean lookedAt, Figures figures) {
    if (!lookedAt) {
      return new NowOrHold(
          Choice.LOOK_FIRST,
          say("Look it over first: its newest roots, its medium and pests decide."));
    }
    if (judged.verdict() == Verdict.RESCUE) {
      return new NowOrHold(Choice.REPOT_NOW, judged.advice());
    }
    if (judged.verdict() == Verdict.LET_GO) {
      return new NowOrHold(Choice.NEITHER, judged.advice());
    }
    var poorPlace =
        judged.reasons().stream().filter(reason -> reason.basis().equals(POOR_PLACE)).findFirst();
    if (poorPlace.isPresent()) {
      return new NowOrHold(
          Choice.HOLD, poorPlace.get().sentence().and(say(", and it is in no danger.")));
    }
    double enough = figures.of(JudgementFigures.READY_ENOUGH);
    if (judged.readiness() >= enough) {
      return new NowOrHold(
          Choice.REPOT_NOW,
          say("Its roots take a move now, and it stands warm and light enough to go on growing."));
    }
    return judged.readinessMost() >= enough
        ? new NowOrHold(
            Choice.LOOK_FIRST, say("Look at its newest roots: if they grow, it can be moved now."))
        : new NowOrHold(
            Choice.HOLD, say("Its roots would not take a move now, and it is in no danger."));
  }
}
