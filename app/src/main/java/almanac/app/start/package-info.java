/** Starting: options, the data folder, and saying plainly what is in the way. */
@NullMarked
package almanac.app.start;

import org.jspecify.annotations.NullMarked;
