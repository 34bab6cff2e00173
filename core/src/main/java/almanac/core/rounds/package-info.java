/** On which of the collector's days are all checks caught in as few walks as possible? */
@NullMarked
package almanac.core.rounds;

import org.jspecify.annotations.NullMarked;
