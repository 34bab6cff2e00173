/** An invented collection to try the program with. */
@NullMarked
package almanac.app.demo;

import org.jspecify.annotations.NullMarked;
