package almanac.app.ground.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.stereotype.Component;

/**
 * Knows whether somebody still waits for an answer that takes long: blanks are sent ahead of it,
 * which JSON may begin with, and cannot be sent to who has gone.
 */
@Component
public class StillThere {
  /** An answer that comes sooner has no blanks, and may still be another one than was thought. */
  private static final Duration EVERY = Duration.ofSeconds(2);

  private final TaskScheduler scheduler;

  StillThere(TaskScheduler scheduler) {
    this.scheduler = scheduler;
  }

  /**
   * Does what takes long, and looks meanwhile again and again.
   *
   * @param response which nobody else writes to meanwhile
   * @param gone done at each look that finds nobody there
   */
  public <T> T during(HttpServletResponse response, Runnable gone, Supplier<T> task) {
    var looking = new Looking(response, gone);
    var looks =
        scheduler.scheduleWithFixedDelay(
            looking, scheduler.getClock().instant().plus(EVERY), EVERY);
    try {
      return task.get();
    } finally {
      looking.ends();
      looks.cancel(false);
    }
  }

  private static final class Looking implements Runnable {
    private final HttpServletResponse response;
    private final Runnable gone;
    private boolean ended;

    private Looking(HttpServletResponse response, Runnable gone) {
      this.response = response;
      this.gone = gone;
    }

    @Override
    public synchronized void run() {
      if (ended) {
        return;
      }
      try {
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.getOutputStream().write(' ');
        response.flushBuffer();
      } catch (IOException nobody) {
        gone.run();
      }
    }

    /** From now on the answer itself can be written. */
    private synchronized void ends() {
      ended = true;
    }
  }
}
