/** What is done on plants without unpotting, place by place, and ticked off. */
@NullMarked
package almanac.app.smalljobs;

import org.jspecify.annotations.NullMarked;
