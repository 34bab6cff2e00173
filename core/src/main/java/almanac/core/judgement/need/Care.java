package almanac.core.judgement.need;

import almanac.core.inspection.Fix;
import almanac.core.words.Sentence;
import java.util.Optional;

/**
 * A fix without unpotting.
 *
 * @param fix what to do
 * @param tillMoved whether a move makes it needless
 * @param job by what it is known once it is done; nothing where there is nothing to do
 */
public record Care(Sentence fix, boolean tillMoved, Optional<Fix> job) {}
