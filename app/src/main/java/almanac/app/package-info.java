/** The application round the rules: HTTP, the database, and files. */
@NullMarked
package almanac.app;

import org.jspecify.annotations.NullMarked;
