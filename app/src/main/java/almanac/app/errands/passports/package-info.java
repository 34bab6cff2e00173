/** A plant goes to another collection as a file, with its history, and is taken in from one. */
@NullMarked
package almanac.app.errands.passports;

import org.jspecify.annotations.NullMarked;
