/** Judging what is only supposed, or sent along; nothing is kept. */
@NullMarked
package almanac.app.errands.whatif;

import org.jspecify.annotations.NullMarked;
