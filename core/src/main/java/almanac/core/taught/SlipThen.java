package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.risk.Broken;
import almanac.core.judgement.risk.Handling;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Risks;
import java.util.Optional;

/**
 * What the slip of a plant asked for on the day it was moved, by what was known until then. Rules:
 * What came of it.
 *
 * @param approach by which it was judged
 * @param tips how many of its new root tips a move would have broken, 0 to 1; nothing if that could
 *     not be foretold
 * @param lightHours hours of useful light that its place had on that day
 */
public record SlipThen(Asks asked, Approach approach, Optional<Double> tips, double lightHours) {
  /** What a judgement of a situation asked for. */
  public static SlipThen of(Situation situation, Judgement judged, Figures figures) {
    var handling = Handling.of(judged.method().opened());
    return new SlipThen(
        judged.verdict().asks(),
        judged.approach(),
        Risks.of(situation, judged, handling, figures).today().map(Broken::tips),
        situation.conditions().hoursOn(situation.today()));
  }

  /** Whether it asked for the move. */
  boolean askedForIt() {
    return asked == Asks.MOVE || asked == Asks.DIVIDE;
  }

  /** As part of a sentence. */
  public String words() {
    return switch (asked) {
      case LEAVE -> "its slip said: leave it";
      case WAIT -> "its slip said: wait";
      case MOVE, DIVIDE -> "its slip asked for it";
      case LET_GO -> "its slip said: let it go";
    };
  }
}
