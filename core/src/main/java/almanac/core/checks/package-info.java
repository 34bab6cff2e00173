/** When should somebody look after a move, and what for? */
@NullMarked
package almanac.core.checks;

import org.jspecify.annotations.NullMarked;
