package almanac.core.profile;

import almanac.core.medium.Moisture;
import java.util.OptionalInt;

/**
 * What all plants of a kind share.
 *
 * @param key unique name for data
 * @param name name for readers
 * @param habit how it grows
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
 * @param rootsHidden roots cannot be judged through the pot (opaque pot, few thick roots)
 */
public record Profile(
    String key,
    String name,
    Habit habit,
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

  public Profile {
    if (key.isBlank() || name.isBlank()) {
      throw new IllegalArgumentException("A profile needs a key and a name");
    }
    if (!(rootSpeed > 0)) {
      throw new IllegalArgumentException(name + ": roots need a speed");
    }
  }

  /** Whether long roots that break put out side roots, so that a second window opens. */
  public boolean hasSecondWindow() {
    return readyRule == ReadyRule.NUB_OR_LONG || readyRule == ReadyRule.LONG_FIRST;
  }
}
