/** A plant's year: what is open, unsafe or shut when, and what its past years were like. */
@NullMarked
package almanac.core.year;

import org.jspecify.annotations.NullMarked;
