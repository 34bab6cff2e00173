package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Basis;
import almanac.core.words.Sentence;
import java.util.List;

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
    return switch (judged.verdict()) {
      case LET_GO -> new NowOrHold(Choice.NEITHER, judged.advice());
      case RESCUE, MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          new NowOrHold(Choice.REPOT_NOW, judged.advice());
      case LIFT_AND_LOOK -> new NowOrHold(Choice.LOOK_FIRST, judged.advice());
      case WAIT_FOR ->
          new NowOrHold(looksFirst(judged) ? Choice.LOOK_FIRST : Choice.HOLD, judged.advice());
      case LEAVE, WATCH, ADJUST_CARE -> left(judged, figures);
    };
  }

  private static boolean looksFirst(Judgement judged) {
    return judged.timing() instanceof Timing.Waits waits
        && waits.awaited().conditions().equals(List.of(WaitCondition.LOOK_AT_ROOTS));
  }

  /** Nothing asks for a move today. */
  private static NowOrHold left(Judgement judged, Figures figures) {
    var poorPlace =
        judged.weighed().reasons().stream()
            .filter(reason -> reason.basis().equals(POOR_PLACE))
            .findFirst();
    if (poorPlace.isPresent()) {
      return new NowOrHold(
          Choice.HOLD, poorPlace.get().sentence().and(say(", and it is in no danger.")));
    }
    double enough = figures.of(JudgementFigures.READY_ENOUGH);
    if (judged.readiness() < enough && judged.weighed().readinessMost() >= enough) {
      return new NowOrHold(
          Choice.LOOK_FIRST, say("Look at its newest roots: if they grow, it may be moved now."));
    }
    return judged.readiness() >= enough
        ? new NowOrHold(
            Choice.HOLD,
            say("Its roots would take a move, but nothing asks for one, and it is in no danger."))
        : new NowOrHold(
            Choice.HOLD, say("Its roots would not take a move now, and it is in no danger."));
  }
}
