/** What is due, and ticking it off. */
@NullMarked
package almanac.app.errands.checks;

import org.jspecify.annotations.NullMarked;
