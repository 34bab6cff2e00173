/** Photographs: kept beside the database without where they were taken, and measured on. */
@NullMarked
package almanac.app.record.photos;

import org.jspecify.annotations.NullMarked;
