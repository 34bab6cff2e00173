/** What is refused, and why, wherever it is found out. */
@NullMarked
package almanac.app.refusals;

import org.jspecify.annotations.NullMarked;
