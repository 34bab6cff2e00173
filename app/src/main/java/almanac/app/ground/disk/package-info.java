/** The disk and the folder on it: what is written is there, whose it is, one program at a time. */
@NullMarked
package almanac.app.ground.disk;

import org.jspecify.annotations.NullMarked;
