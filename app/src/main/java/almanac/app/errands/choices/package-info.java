/** What there is to choose from, and sums that growers ask for; nothing of them is kept. */
@NullMarked
package almanac.app.errands.choices;

import org.jspecify.annotations.NullMarked;
