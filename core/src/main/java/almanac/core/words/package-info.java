/**
 * How is a reason said? Sentences keep their measures apart from their words, so that units can be
 * chosen.
 */
@NullMarked
package almanac.core.words;

import org.jspecify.annotations.NullMarked;
