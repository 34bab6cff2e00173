package almanac.core.pot;

import almanac.core.words.Sentence;
import java.util.List;

/**
 * A plant in one pot.
 *
 * @param shift how the plant is moved from where it stands, for the old end to lie at the rim
 * @param shifted whether that is more than nothing by hand: else it is set in the middle
 * @param suits how well the pot goes with its kind
 * @param because what speaks for or against it, each as a sentence
 */
public record Seat(
    Pot pot, Room room, Spot shift, boolean shifted, Fit fit, Suits suits, List<Sentence> because) {

  /** How far it is moved, mm. */
  public double shiftMm() {
    return shift.mm();
  }
}
