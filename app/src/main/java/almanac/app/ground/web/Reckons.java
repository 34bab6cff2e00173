package almanac.app.ground.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Answers a request that is no mere reading, and is not one writing from its beginning to its end:
 * it keeps nothing, or reckons for long and writes in the end by itself. Nobody who writes waits
 * for it.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Reckons {}
