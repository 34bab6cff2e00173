package almanac.app.errands.benchdays;

import almanac.app.ground.clock.Background;
import almanac.core.benchdays.Asker;
import almanac.core.benchdays.BenchPlan;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Searches for a better plan than the first, while that is shown; for the last question only. */
@Component
class Improving {
  private final Planner planner;
  private final ExecutorService searching = Background.inTurn("bench-days", Thread.NORM_PRIORITY);
  private @Nullable Asker last;

  Improving(Planner planner) {
    this.planner = planner;
  }

  /** Ends the search for what was asked before. */
  synchronized void leave() {
    if (last != null) {
      last.leaves();
    }
  }

  /**
   * @param search makes the plan, for whoever may leave meanwhile
   * @param found takes it, unless something else was asked
   */
  synchronized void search(Function<Asker, BenchPlan> search, Consumer<BenchPlan> found) {
    leave();
    var asker = new Asker();
    last = asker;
    searching.submit(
        () -> {
          try {
            found.accept(planner.plan(() -> search.apply(asker)));
          } catch (CancellationException askedAnew) {
            // What was asked since is searched for next.
          }
        });
  }

  @PreDestroy
  void end() {
    leave();
    searching.shutdownNow();
  }
}
