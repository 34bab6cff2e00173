/** Taking back what should not have been written. */
@NullMarked
package almanac.app.acts;

import org.jspecify.annotations.NullMarked;
