package almanac.core.history;

import almanac.core.treatments.Course;
import java.time.LocalDate;

/** A course that runs on a plant, or beside it, and since when. */
public record Treatment(Course course, LocalDate since) {}
