package almanac.core.checks;

/**
 * One way to answer a check with a tap.
 *
 * @param answer what it says
 * @param words what stands on the button
 */
public record Tick(CheckAnswer answer, String words) {}
