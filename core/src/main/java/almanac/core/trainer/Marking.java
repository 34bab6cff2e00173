package almanac.core.trainer;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;

/** Holds what a learner says of a case against how it is judged. Rules: The trainer. */
public final class Marking {
  private Marking() {}

  /**
   * What it was worth. Who leaves a plant today that should wait, or the other way round, does the
   * same today, and is right.
   */
  public static Mark of(TrainingCase asked, Call call, Figures figures) {
    var judged = of(asked.judged(call.looked(), figures), call);
    if (asked.unseen(call.looked()).isEmpty() || judged == Mark.RIGHT && call.lifts()) {
      return judged;
    }
    var whole = of(asked.judged(asked.known(), figures), call);
    return (judged == Mark.RIGHT) == (whole == Mark.RIGHT) ? judged : Mark.DID_NOT_LOOK;
  }

  private static Mark of(Judgement judged, Call call) {
    return switch (judged.verdict().asks()) {
      case LEAVE, WAIT -> call.leaves() ? Mark.RIGHT : Mark.TOO_EARLY;
      case MOVE -> moved(judged, call);
      case DIVIDE ->
          switch (call.asks()) {
            case LEAVE, WAIT -> Mark.TOO_LATE;
            case MOVE -> Mark.WRONG_METHOD;
            case DIVIDE -> Mark.RIGHT;
            case LET_GO -> Mark.TOO_EARLY;
          };
      case LET_GO ->
          switch (call.asks()) {
            case LEAVE, WAIT -> Mark.TOO_LATE;
            case MOVE, DIVIDE -> Mark.WRONG_METHOD;
            case LET_GO -> Mark.RIGHT;
          };
    };
  }

  private static Mark moved(Judgement judged, Call call) {
    return switch (call.asks()) {
      case LEAVE, WAIT -> Mark.TOO_LATE;
      case DIVIDE -> Mark.WRONG_METHOD;
      case LET_GO -> Mark.TOO_EARLY;
      case MOVE -> call.how().map(how -> inThatWay(judged, how)).orElse(Mark.RIGHT);
    };
  }

  /** Whoever takes all medium off rescues what suffocates in it, by whatever name. */
  private static Mark inThatWay(Judgement judged, Verdict how) {
    var verdict = judged.verdict();
    boolean same =
        verdict == how
            || verdict == Verdict.RESCUE
                && how == Verdict.FULL_REPOT
                && !judged.method().keepsMedium();
    if (same) {
      return Mark.RIGHT;
    }
    return verdict == Verdict.LIFT_AND_LOOK ? Mark.DID_NOT_LOOK : Mark.WRONG_METHOD;
  }
}
