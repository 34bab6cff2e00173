/**
 * Which figures do the rules use, and why these? Every figure has one home, a reason and a range.
 */
@NullMarked
package almanac.core.figures;

import org.jspecify.annotations.NullMarked;
