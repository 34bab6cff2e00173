package almanac.core.rhizome;

import almanac.core.words.Sentence;
import java.util.List;

/**
 * One way to cut a plant.
 *
 * @param cuts the joints to cut, those round rotten growths included
 * @param pieces what is left, the strongest first; rotten ones last
 * @param speaksFor what speaks for it
 * @param risk the plain risk of it
 */
public record CutPlan(
    PlanKind kind, List<Joint> cuts, List<Piece> pieces, Sentence speaksFor, Sentence risk) {}
