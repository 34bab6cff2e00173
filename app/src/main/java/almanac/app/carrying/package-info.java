/** The collection as an open package of files: carried out, and in again. */
@NullMarked
package almanac.app.carrying;

import org.jspecify.annotations.NullMarked;
