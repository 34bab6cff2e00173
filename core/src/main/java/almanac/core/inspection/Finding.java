package almanac.core.inspection;

import almanac.core.words.Answer;
import java.util.OptionalDouble;

/**
 * What was found at one look; it may be that there is nothing.
 *
 * @param answer what was seen
 * @param mm the length that was measured with it, if one was
 */
public record Finding<A extends Enum<A> & Answer>(A answer, OptionalDouble mm) {}
