package almanac.app;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Twenty read and five write for twenty seconds; run by {@code ./almanac bench}. */
class LoadBench {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final int SECONDS = 20;
  private static final int PLANTS = 64;

  private final ConcurrentLinkedQueue<Double> reads = new ConcurrentLinkedQueue<>();
  private final ConcurrentLinkedQueue<Double> writes = new ConcurrentLinkedQueue<>();
  private final AtomicInteger refused = new AtomicInteger();
  private final AtomicInteger turns = new AtomicInteger();

  @Test
  void manyAtOnce() throws Exception {
    APP.get("/api/plants");
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
    try (var people = new Pool(25)) {
      List<Future<?>> all = new ArrayList<>();
      all.addAll(people.start(20, () -> until(end, reads, this::read)));
      all.addAll(people.start(5, () -> until(end, writes, this::write)));
      for (var each : all) {
        each.get();
      }
    }
    System.out.printf("Twenty read and five write for %d s; %d refused:%n", SECONDS, refused.get());
    say("reads", reads);
    say("saved looks", writes);
  }

  private Object until(long end, ConcurrentLinkedQueue<Double> took, Callable<Integer> task)
      throws Exception {
    while (System.nanoTime() < end) {
      long start = System.nanoTime();
      if (task.call() >= 400) {
        refused.incrementAndGet();
      }
      took.add((System.nanoTime() - start) / 1e6);
    }
    return took;
  }

  private int read() throws Exception {
    int turn = turns.getAndIncrement();
    var path =
        List.of("/api/plants", "/api/checks", "/api/health", "/api/plants/" + (1 + turn % PLANTS));
    return APP.get(path.get(turn % path.size())).status();
  }

  private int write() throws Exception {
    int turn = turns.getAndIncrement();
    return APP.once(
            "load-key-" + turn,
            "POST",
            "/api/plants/%d/inspections".formatted(1 + turn % PLANTS),
            "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}")
        .status();
  }

  private static void say(String what, ConcurrentLinkedQueue<Double> took) {
    var sorted = took.stream().mapToDouble(Double::doubleValue).toArray();
    Arrays.sort(sorted);
    System.out.printf(
        "  %-34s %8d, median %.0f ms, 99 in 100 within %.0f ms, longest %.0f ms%n",
        what,
        sorted.length,
        sorted[sorted.length / 2],
        sorted[(int) (sorted.length * 0.99)],
        sorted[sorted.length - 1]);
  }
}
