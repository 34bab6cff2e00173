/** How well a plant would take a move. */
@NullMarked
package almanac.core.judgement.readiness;

import org.jspecify.annotations.NullMarked;
