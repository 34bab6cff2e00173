/** What has happened to the plant, in order? */
@NullMarked
package almanac.core.history;

import org.jspecify.annotations.NullMarked;
