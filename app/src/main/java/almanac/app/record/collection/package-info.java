/** The plants of the collection as they stand today, and how they are written. */
@NullMarked
package almanac.app.record.collection;

import org.jspecify.annotations.NullMarked;
