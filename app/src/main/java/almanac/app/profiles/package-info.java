/** Kinds of plants: the program's own, and those the collector has changed or added. */
@NullMarked
package almanac.app.profiles;

import org.jspecify.annotations.NullMarked;
