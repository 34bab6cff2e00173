/** Sums that growers ask for; nothing of them is kept. */
@NullMarked
package almanac.app.sums;

import org.jspecify.annotations.NullMarked;
