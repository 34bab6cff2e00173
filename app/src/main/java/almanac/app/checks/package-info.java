/** What is due, and ticking it off. */
@NullMarked
package almanac.app.checks;

import org.jspecify.annotations.NullMarked;
