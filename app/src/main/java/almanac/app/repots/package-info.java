/** Writing down that a plant was moved. */
@NullMarked
package almanac.app.repots;

import org.jspecify.annotations.NullMarked;
