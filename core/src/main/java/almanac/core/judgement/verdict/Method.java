package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.risk.Handling;
import almanac.core.words.Sentence;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How a plant is moved, and what makes it so. Rules: From need to verdict, method.
 *
 * @param verdict move up, part repot, full repot, divide or rescue
 * @param steps what is done
 * @param words the steps as a sentence
 * @param because what makes it so, as part of a sentence
 */
public record Method(Verdict verdict, Set<Step> steps, Sentence words, String because) {

  /** What a collector may choose to do at the bench, whatever is advised. */
  public static final List<Verdict> CHOICES =
      List.of(
          Verdict.MOVE_UP, Verdict.PART_REPOT, Verdict.FULL_REPOT, Verdict.DIVIDE, Verdict.LET_GO);

  /** What belongs to what was found, however the plant is moved. */
  private static final Set<Step> OF_FINDS =
      Set.of(
          Step.RINSE,
          Step.TREAT,
          Step.KEEP_APART,
          Step.CUT_TO_CLEAN,
          Step.DRY_CROWN,
          Step.DRESS_WOUNDS,
          Step.PLUG_OUT,
          Step.OWN_BLADE);

  /**
   * This plant moved in a way of the collector's own choosing; what was found on it is still seen
   * to.
   *
   * @param how one of {@link #CHOICES}
   */
  public Method as(Verdict how) {
    if (how == verdict) {
      return this;
    }
    var all = EnumSet.noneOf(Step.class);
    steps.stream().filter(OF_FINDS::contains).forEach(all::add);
    all.addAll(
        switch (how) {
          case MOVE_UP -> EnumSet.of(Step.KEEP_BALL, Step.LARGER_POT);
          case PART_REPOT -> EnumSet.of(Step.BACK_OFF, Step.SHIFT, Step.FRESH_MEDIUM);
          case DIVIDE -> EnumSet.of(Step.PART, Step.MEDIUM_OFF, Step.FRESH_MEDIUM);
          case LET_GO -> EnumSet.noneOf(Step.class);
          default -> EnumSet.of(Step.MEDIUM_OFF, Step.SOFT_ROOTS_OFF, Step.FRESH_MEDIUM);
        });
    return new Method(how, all, say("{}, as you chose.", how.words()), "you chose it");
  }

  /** What is done, in a word or two. */
  public String title() {
    return setsFirm() ? "Set it firm" : verdict.words();
  }

  /** Whether the ball goes back into the same pot, only deeper and firmer. */
  public boolean setsFirm() {
    return verdict == Verdict.MOVE_UP && !steps.contains(Step.LARGER_POT);
  }

  /** Whether no root is untangled. */
  public boolean intact() {
    return steps.contains(Step.KEEP_BALL) || steps.contains(Step.SHAKE_OUT);
  }

  /** How much of the root ball is opened. */
  public Handling.Opened opened() {
    if (steps.contains(Step.KEEP_BALL)) {
      return Handling.Opened.WHOLE;
    }
    return keepsMedium() || intact() ? Handling.Opened.ONE_SIDE : Handling.Opened.ALL;
  }

  /** Whether it keeps any of the medium. */
  public boolean keepsMedium() {
    return !steps.contains(Step.MEDIUM_OFF) && !steps.contains(Step.SHAKE_OUT);
  }
}
