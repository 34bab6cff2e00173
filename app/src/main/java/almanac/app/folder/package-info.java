/** The folder with a collection: whose it is, and that one program uses it at a time. */
@NullMarked
package almanac.app.folder;

import org.jspecify.annotations.NullMarked;
