package almanac.core.kinds;

import almanac.core.medium.Moisture;
import almanac.core.refusals.Refused;
import java.util.OptionalInt;

/**
 * What all plants of a kind share.
 *
 * @param key unique name for data
 * @param name name for readers
 * @param habit how it grows
 * @param ground what its roots live in
 * @param roots how thick its roots are
 * @param branching whether broken roots branch
 * @param readyRule which root stages take a move
 * @param rootsAppear when new roots come, as part of a sentence
 * @param moisture how wet its medium is kept
 * @param care what else its roots ask for
 * @param leastGrowths growths that each part of a division needs; none for monopodial kinds
 * @param rhizomeStepMm distance from growth to growth, mm; 0 for monopodial kinds
 * @param growthsAYear growths one lead makes in a year; 0 for monopodial kinds
 * @param warmth the temperatures it grows at
 * @param lightOnRoots whether light on the roots is welcome
 * @param rootSpeed how fast a new root lengthens in warm active growth, mm a week
 * @param rootsHidden its roots cannot be judged through the pot
 */
public record Kind(
    String key,
    String name,
    Habit habit,
    Ground ground,
    RootThickness roots,
    Branching branching,
    ReadyRule readyRule,
    String rootsAppear,
    Moisture moisture,
    String care,
    OptionalInt leastGrowths,
    double rhizomeStepMm,
    double growthsAYear,
    Warmth warmth,
    boolean lightOnRoots,
    double rootSpeed,
    boolean rootsHidden) {

  private static final int LONGEST_TEXT = 200;
  private static final int MOST_GROWTHS = 20;
  private static final double LONGEST_STEP_MM = 300;
  private static final double MOST_A_YEAR = 12;

  /**
   * @throws Refused naming the field, if a text is missing or a number makes no sense
   */
  public Kind {
    if (key.isBlank() || name.isBlank() || name.length() > LONGEST_TEXT) {
      throw new Refused("name", "A kind needs a name of at most 200 characters.");
    }
    if (care.length() > LONGEST_TEXT || rootsAppear.length() > LONGEST_TEXT) {
      throw new Refused("care", "A kind's words have at most 200 characters.");
    }
    if (leastGrowths.isPresent()
        && (leastGrowths.getAsInt() < 1 || leastGrowths.getAsInt() > MOST_GROWTHS)) {
      throw new Refused("leastGrowths", "A division needs from 1 to 20 growths.");
    }
    if (!(rhizomeStepMm >= 0 && rhizomeStepMm <= LONGEST_STEP_MM)) {
      throw new Refused("rhizomeStepMm", "A step of the rhizome goes from 0 to 300 mm.");
    }
    if (!(growthsAYear >= 0 && growthsAYear <= MOST_A_YEAR)) {
      throw new Refused("growthsAYear", "A lead makes from 0 to 12 growths a year.");
    }
    if (!(rootSpeed >= KindFigures.ROOT_SPEED.least()
        && rootSpeed <= KindFigures.ROOT_SPEED.most())) {
      throw new Refused("rootSpeed", "A root grows from 0.5 to 60 mm a week.");
    }
  }

  /** Whether long roots that break put out side roots, so that a second window opens. */
  public boolean hasSecondWindow() {
    return readyRule == ReadyRule.NUB_OR_LONG || readyRule == ReadyRule.LONG_FIRST;
  }
}
