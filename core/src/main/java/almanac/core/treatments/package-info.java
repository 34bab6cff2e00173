/** Courses against pests and rot: what is used, how often, and the looks that end them. */
@NullMarked
package almanac.core.treatments;

import org.jspecify.annotations.NullMarked;
