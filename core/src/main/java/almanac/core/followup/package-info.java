/** When should somebody look after a move, and what for? */
@NullMarked
package almanac.core.followup;

import org.jspecify.annotations.NullMarked;
