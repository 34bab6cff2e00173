package almanac.core.judgement.compare;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.words.Sentence;
import java.time.temporal.ChronoUnit;

/** What a judgement comes to, and how much it matters when one turns into another. */
final class Consequence {
  private static final double ACTING = 1;
  private static final double OF_THE_DAY = 0.25;
  private static final double WAITING = 0.1;
  private static final int DAYS_THAT_MATTER = 7;

  private Consequence() {}

  /** Whether the plant would be taken in hand. */
  static boolean acts(Judgement judged) {
    return judged.verdict().inHand();
  }

  /** 1 between leaving and acting, little between kinds of waiting, 0 where nothing changes. */
  static double weight(Judgement now, Judgement then) {
    if (acts(now) != acts(then)) {
      return ACTING;
    }
    if (acts(now)) {
      boolean urgent = then.verdict() == Verdict.RESCUE && now.verdict() != Verdict.RESCUE;
      return urgent || otherDay(now, then) ? OF_THE_DAY : 0;
    }
    return now.verdict() != then.verdict() ? WAITING : 0;
  }

  private static boolean otherDay(Judgement now, Judgement then) {
    var one = now.timing().lastDay();
    var other = then.timing().lastDay();
    return one.isPresent()
        && other.isPresent()
        && Math.abs(ChronoUnit.DAYS.between(one.get(), other.get())) >= DAYS_THAT_MATTER;
  }

  /** What would be done, after "if there are". */
  static Sentence words(Judgement judged) {
    return words(judged, deed(judged).toString());
  }

  /** The same without its day. */
  static Sentence deed(Judgement judged) {
    return say(
        switch (judged.verdict()) {
          case MOVE_UP -> judged.method().setsFirm() ? "set it firm" : "move it up";
          case PART_REPOT, FULL_REPOT -> "repot it";
          case DIVIDE -> "divide it";
          case RESCUE -> "rescue it today";
          case LET_GO -> "let it go";
          case LIFT_AND_LOOK -> "tip it out and look";
          case WAIT_FOR -> "it waits";
          case ADJUST_CARE -> "only its care is put right";
          case LEAVE, WATCH -> "leave it";
        });
  }

  /** A deed, and by when. */
  static Sentence words(Judgement judged, String deed) {
    return judged
        .timing()
        .lastDay()
        .map(
            day ->
                day.isBefore(judged.ahead().today())
                    ? say("{} as soon as you can", deed)
                    : say("{} by {}", deed, day))
        .orElseGet(() -> say(deed));
  }
}
