package almanac.core.benchdays;

import almanac.core.words.Sentence;
import java.util.Set;

/**
 * A job on its day.
 *
 * @param pinned whether somebody chose the day
 * @param binding the rules without which it would lie on another day, nearer to its best
 * @param why it lies there, as a sentence
 */
public record Placed(BenchJob job, boolean pinned, Set<BenchRule> binding, Sentence why) {
  public Placed {
    binding = Set.copyOf(binding);
  }
}
