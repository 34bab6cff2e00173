package almanac.core.inspection;

import almanac.core.words.Answer;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was found at one look; it may be that there is nothing.
 *
 * @param answers what was seen; none if only a measure was taken
 * @param measured the measure that was taken with it, if one was, in the item's measure
 */
public record Finding<A extends Enum<A> & Answer>(Set<A> answers, OptionalDouble measured) {

  /** The answer, where there is only one. */
  public Optional<A> answer() {
    return answers.isEmpty() ? Optional.empty() : Optional.of(answers.iterator().next());
  }
}
