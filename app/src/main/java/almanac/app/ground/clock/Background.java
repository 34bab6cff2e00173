package almanac.app.ground.clock;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;

/** Work that nobody waits for; it ends with the program. */
public final class Background {
  private Background() {}

  /**
   * One after the other.
   *
   * @param name by which it is known among the threads
   * @param priority as of threads
   */
  public static ScheduledExecutorService inTurn(String name, int priority) {
    return Executors.newSingleThreadScheduledExecutor(
        task -> {
          var thread = new Thread(task, name);
          thread.setDaemon(true);
          thread.setPriority(priority);
          return thread;
        });
  }
}
