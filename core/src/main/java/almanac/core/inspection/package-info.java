/** What has been looked at, what was found, and what has not been looked at? */
@NullMarked
package almanac.core.inspection;

import org.jspecify.annotations.NullMarked;
