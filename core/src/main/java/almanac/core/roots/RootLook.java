package almanac.core.roots;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * The newest roots as somebody saw them.
 *
 * @param on the day of the look
 * @param stage how far they were
 * @param longestMm the longest, if measured
 */
public record RootLook(LocalDate on, RootStage stage, OptionalDouble longestMm) {}
