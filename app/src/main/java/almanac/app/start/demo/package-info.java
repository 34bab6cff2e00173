/** An invented collection to try the program with. */
@NullMarked
package almanac.app.start.demo;

import org.jspecify.annotations.NullMarked;
