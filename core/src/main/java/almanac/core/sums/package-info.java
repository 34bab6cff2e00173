/** The sums that growers ask for at the bench. */
@NullMarked
package almanac.core.sums;

import org.jspecify.annotations.NullMarked;
