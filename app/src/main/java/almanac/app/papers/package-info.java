/** What goes with a plant that leaves: its whole history, to be read by anybody. */
@NullMarked
package almanac.app.papers;

import org.jspecify.annotations.NullMarked;
