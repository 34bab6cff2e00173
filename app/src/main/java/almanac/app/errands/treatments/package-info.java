/** Courses against pests and rot, and small jobs on plants that stay in their pots. */
@NullMarked
package almanac.app.errands.treatments;

import org.jspecify.annotations.NullMarked;
