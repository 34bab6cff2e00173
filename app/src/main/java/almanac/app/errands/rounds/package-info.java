/** Walking round: on which days, in which order, standing plants elsewhere, pulling them aside. */
@NullMarked
package almanac.app.errands.rounds;

import org.jspecify.annotations.NullMarked;
