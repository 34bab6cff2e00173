/** What lies ready for the bench: kept, counted, drawn from by jobs. */
@NullMarked
package almanac.app.record.stock;

import org.jspecify.annotations.NullMarked;
