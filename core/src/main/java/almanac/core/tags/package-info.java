/** Does every plant have the tag that is its own? */
@NullMarked
package almanac.core.tags;

import org.jspecify.annotations.NullMarked;
