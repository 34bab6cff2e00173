/** Where are the new roots in their growth, and when do the windows for a move open and close? */
@NullMarked
package almanac.core.roots;

import org.jspecify.annotations.NullMarked;
