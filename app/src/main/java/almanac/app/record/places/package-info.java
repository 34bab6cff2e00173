/** The places where plants stand. */
@NullMarked
package almanac.app.record.places;

import org.jspecify.annotations.NullMarked;
