/**
 * What every request has in common: errors, who may ask, the interface, and that a write happens
 * once.
 */
@NullMarked
package almanac.app.ground.web;

import org.jspecify.annotations.NullMarked;
