/**
 * Instruments behind small interfaces: a pH pen, a grow-space sensor, a kitchen scale. What ships
 * with the program are stand-ins that wander, settle and fail as the real ones do.
 */
@NullMarked
package almanac.app.errands.instruments;

import org.jspecify.annotations.NullMarked;
