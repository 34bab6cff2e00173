package almanac.app.ground.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Many who read at once are served a few at a time: all of them are through as soon, and whoever
 * saves meanwhile finds a processor free. What takes long has a lane of its own, so that no page
 * waits for it. Nobody is refused; who waited long goes on all the same.
 */
@Component
@Order(4)
class ReadersInTurn extends OncePerRequestFilter {
  /** Everything there is. */
  private static final Pattern CARRIED = Pattern.compile("/api/(package|plants/[^/]+/passport)");

  /** All of the year, or a plan of many days. */
  private static final Pattern PLANNED =
      Pattern.compile("/api/(year|bench-days|bench-needs)(/.*)?");

  private final Lane pages =
      new Lane(Math.max(2, Runtime.getRuntime().availableProcessors()), Duration.ofSeconds(2));

  /** As long as the longest plan takes. */
  private final Lane plans = new Lane(1, Duration.ofSeconds(20));

  private final Lane carriers = new Lane(1, Duration.ofMinutes(1));

  /** So many at once, and how long somebody waits for a place. */
  private record Lane(Semaphore places, Duration patience) {
    Lane(int places, Duration patience) {
      this(new Semaphore(places, true), patience);
    }
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    var path = request.getRequestURI();
    return !request.getMethod().equals("GET")
        || !path.startsWith("/api/")
        || path.equals("/api/health");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var lane = lane(request.getRequestURI());
    boolean placed = placed(lane);
    try {
      chain.doFilter(request, response);
    } finally {
      if (placed) {
        lane.places().release();
      }
    }
  }

  private Lane lane(String path) {
    if (CARRIED.matcher(path).matches()) {
      return carriers;
    }
    return PLANNED.matcher(path).matches() ? plans : pages;
  }

  private static boolean placed(Lane lane) {
    try {
      return lane.places().tryAcquire(lane.patience().toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
