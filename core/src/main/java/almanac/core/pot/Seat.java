package almanac.core.pot;

import almanac.core.words.Sentence;
import java.util.List;

/**
 * A plant in one pot.
 *
 * @param shift how the plant is moved from where it stands, for the old end to lie at the rim
 * @param because what speaks for or against it, each as a sentence
 */
public record Seat(Pot pot, Room room, Spot shift, Fit fit, List<Sentence> because) {}
