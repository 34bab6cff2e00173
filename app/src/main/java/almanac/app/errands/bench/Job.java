package almanac.app.errands.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A job that is not finished yet.
 *
 * @param version how often it was saved; who saves must know the last one
 * @param begunOn the day of the work
 * @param begunAt when it was begun
 */
public record Job(
    UUID uid, long plantId, LocalDate begunOn, Instant begunAt, int version, JobTold told) {}
