/** Walking round: which plants in which order, standing them elsewhere, pulling them aside. */
@NullMarked
package almanac.app.round;

import org.jspecify.annotations.NullMarked;
