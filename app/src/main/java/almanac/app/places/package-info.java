/** The places where plants stand. */
@NullMarked
package almanac.app.places;

import org.jspecify.annotations.NullMarked;
