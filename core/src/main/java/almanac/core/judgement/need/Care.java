package almanac.core.judgement.need;

import almanac.core.words.Sentence;

/**
 * A fix without unpotting.
 *
 * @param fix what to do
 * @param tillMoved whether a move makes it needless
 */
public record Care(Sentence fix, boolean tillMoved) {}
