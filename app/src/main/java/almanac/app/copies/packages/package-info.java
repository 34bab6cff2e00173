/** The collection as an open package of files: carried out, and in again. */
@NullMarked
package almanac.app.copies.packages;

import org.jspecify.annotations.NullMarked;
