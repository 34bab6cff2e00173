/** Which days ahead would take a move, how well, and by when must it be? */
@NullMarked
package almanac.core.judgement.moments;

import org.jspecify.annotations.NullMarked;
