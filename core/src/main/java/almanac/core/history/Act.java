package almanac.core.history;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a person did at once: its happenings, on one plant or on several, are kept, taken back and
 * corrected together.
 *
 * @param id in the order of writing
 * @param uid its name outside the program, for good
 * @param on the day it is about
 * @param recordedOn the day it was written
 * @param supersedes the act that it corrects or takes back, if any; always an older one
 * @param note in the collector's own words, may be empty
 */
public record Act(
    long id,
    UUID uid,
    LocalDate on,
    LocalDate recordedOn,
    @Nullable Long supersedes,
    String note) {}
