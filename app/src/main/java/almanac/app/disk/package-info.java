/** The disk that everything is kept on: what is written is on it, and there is room. */
@NullMarked
package almanac.app.disk;

import org.jspecify.annotations.NullMarked;
