/** All the rules' figures and kinds in one place, for reading and for changing. */
@NullMarked
package almanac.core.rulebook;

import org.jspecify.annotations.NullMarked;
