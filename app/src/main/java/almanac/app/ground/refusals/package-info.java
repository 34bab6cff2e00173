/** What is refused, and why, wherever it is found out. */
@NullMarked
package almanac.app.ground.refusals;

import org.jspecify.annotations.NullMarked;
