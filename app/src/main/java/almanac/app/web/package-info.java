/** What every request has in common: errors, sentences, the interface's files, who may ask. */
@NullMarked
package almanac.app.web;

import org.jspecify.annotations.NullMarked;
