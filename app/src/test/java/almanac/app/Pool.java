package almanac.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Several at once, gone when the test is done. */
final class Pool implements AutoCloseable {
  private final ExecutorService threads;

  Pool(int size) {
    threads = Executors.newFixedThreadPool(size);
  }

  <T> List<Future<T>> start(int times, Callable<T> task) {
    var started = new ArrayList<Future<T>>();
    for (int i = 0; i < times; i++) {
      started.add(threads.submit(task));
    }
    return started;
  }

  @Override
  public void close() {
    threads.shutdownNow();
  }
}
