/** Courses against pests and rot: begun, gone on with, ended. */
@NullMarked
package almanac.app.treating;

import org.jspecify.annotations.NullMarked;
