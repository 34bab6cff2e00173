/** What is done to a collection from the command line, while the program is closed. */
@NullMarked
package almanac.app.start.commands;

import org.jspecify.annotations.NullMarked;
