package almanac.app.errands.benchdays;

import almanac.app.ground.refusals.Busy;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Makes one plan after another, since each takes a processor whole while it is made. */
@Component
class Planner {
  /** As long as the longest plan takes. */
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  private final Semaphore turn = new Semaphore(1, true);

  /**
   * @throws Busy if others are planned for so long
   */
  <T> T plan(Supplier<T> plan) {
    try {
      if (!turn.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
        throw new Busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    }
    try {
      return plan.get();
    } finally {
      turn.release();
    }
  }
}
