package almanac.app.errands.taught;

import almanac.app.ground.clock.Background;
import almanac.app.record.collection.Plants;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads the past of all plants while the program has nothing else to do, so that nobody waits for
 * it when what it taught is opened first.
 */
@Component
class Recollecting {
  /** The first pages that anybody opens go ahead. */
  private static final long AFTER_SECONDS = 20;

  private final Plants plants;
  private final Remembered remembered;
  private final ScheduledExecutorService reading =
      Background.inTurn("recollecting", Thread.MIN_PRIORITY);

  Recollecting(Plants plants, Remembered remembered) {
    this.plants = plants;
    this.remembered = remembered;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    reading.schedule(() -> remembered.all(plants.everybody()), AFTER_SECONDS, TimeUnit.SECONDS);
  }

  @PreDestroy
  void end() {
    reading.shutdownNow();
  }
}
