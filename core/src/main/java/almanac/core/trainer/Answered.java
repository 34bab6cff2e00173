package almanac.core.trainer;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A case that was answered.
 *
 * @param asked the name of the case
 */
public record Answered(LocalDate on, String asked, Mark mark, Optional<Sure> sure) {}
