/** What is told, as it is typed in: looks, mixes, pots, traits. */
@NullMarked
package almanac.app.record.entries;

import org.jspecify.annotations.NullMarked;
