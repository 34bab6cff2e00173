/** On which of the days that somebody has is which job done at the bench? */
@NullMarked
package almanac.core.benchdays;

import org.jspecify.annotations.NullMarked;
