/** What is kept of each plant: an append-only journal, and the way to write into it. */
@NullMarked
package almanac.app.record.journal;

import org.jspecify.annotations.NullMarked;
