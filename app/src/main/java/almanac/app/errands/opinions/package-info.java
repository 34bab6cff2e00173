/** A second opinion: a plant leaves without its verdict, and comes back with another's. */
@NullMarked
package almanac.app.errands.opinions;

import org.jspecify.annotations.NullMarked;
