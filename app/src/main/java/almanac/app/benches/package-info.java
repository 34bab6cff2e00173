/** The places where plants stand. */
@NullMarked
package almanac.app.benches;

import org.jspecify.annotations.NullMarked;
