package almanac.app.ground.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.reflect.Proxy;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.springframework.scheduling.concurrent.ConcurrentTaskScheduler;

class StillThereTest {
  /** Where an answer goes; nobody reads it once they have gone. */
  private static final class Line extends ServletOutputStream {
    private final StringBuffer read = new StringBuffer();
    private final CountDownLatch answered = new CountDownLatch(1);
    private boolean gone;

    @Override
    public synchronized void write(int sign) throws IOException {
      if (gone) {
        throw new IOException("Broken pipe");
      }
      read.append((char) sign);
      answered.countDown();
    }

    private String firstRead() {
      awaited(answered);
      return read.toString();
    }

    private synchronized void hangUp() {
      gone = true;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setWriteListener(WriteListener listener) {
      throw new UnsupportedOperationException();
    }
  }

  private static HttpServletResponse into(Line line) {
    return (HttpServletResponse)
        Proxy.newProxyInstance(
            StillThereTest.class.getClassLoader(),
            new Class<?>[] {HttpServletResponse.class},
            (response, method, arguments) ->
                method.getName().equals("getOutputStream") ? line : null);
  }

  @Test
  void blanksAreReadByWhoWaitsAndWhoHasGoneIsTold() throws Exception {
    var line = new Line();
    var gone = new CountDownLatch(1);
    var scheduler = Executors.newSingleThreadScheduledExecutor();
    try {
      var said =
          new StillThere(new ConcurrentTaskScheduler(scheduler))
              .during(
                  into(line),
                  gone::countDown,
                  () -> {
                    assertThat(line.firstRead()).isBlank();
                    assertThat(gone.getCount()).isOne();
                    line.hangUp();
                    return awaited(gone);
                  });
      assertThat(said).isEqualTo("told");
    } finally {
      scheduler.shutdownNow();
    }
  }

  private static String awaited(CountDownLatch gone) {
    try {
      gone.await();
      return "told";
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
