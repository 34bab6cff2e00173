package almanac.core.judgement.verdict;

import almanac.core.inspection.Fix;
import almanac.core.words.Sentence;

/**
 * Something that is done without unpotting, and ticked off.
 *
 * @param fix by what it is known once it is done
 * @param words what to do
 */
public record SmallJob(Fix fix, Sentence words) {}
