package almanac.app.errands.bench;

import almanac.core.bench.Unsaid;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A job that is not finished yet.
 *
 * @param version how often it was saved; who saves must know the last one
 * @param begunOn the day of the work, unless another was told
 * @param begunAt when it was begun
 */
public record Job(
    UUID uid, long plantId, LocalDate begunOn, Instant begunAt, int version, JobTold told) {

  /** The day of the work. */
  LocalDate on() {
    return told.on() == null ? begunOn : told.on();
  }

  /** What has to be said before it ends. */
  Unsaid unsaid(LocalDate today) {
    return new Unsaid(begunOn, Optional.ofNullable(told.on()), today);
  }
}
