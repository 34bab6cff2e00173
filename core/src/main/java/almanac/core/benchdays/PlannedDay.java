package almanac.core.benchdays;

import almanac.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * A bench day with its jobs.
 *
 * @param jobs in the order of the work: hazards, healthy plants, doubtful ones, suspects
 * @param tooMuch what to do about more than fits; nothing if it fits
 */
public record PlannedDay(BenchDay day, List<Placed> jobs, Optional<Sentence> tooMuch) {
  public PlannedDay {
    jobs = List.copyOf(jobs);
  }

  /** How many of its minutes are taken. */
  public int taken() {
    return jobs.stream().mapToInt(placed -> placed.job().minutes()).sum();
  }
}
