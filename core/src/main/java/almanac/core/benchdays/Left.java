package almanac.core.benchdays;

import almanac.core.words.Sentence;

/**
 * A job that lies on no day.
 *
 * @param binding what keeps it from the day that is nearest to its best
 * @param why, and what would help, as a sentence
 */
public record Left(BenchJob job, BenchRule binding, Sentence why) {}
