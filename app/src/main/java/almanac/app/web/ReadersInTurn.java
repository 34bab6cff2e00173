package almanac.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Many who read at once are served a few at a time: all of them are through as soon, and whoever
 * saves meanwhile finds a processor free. Nobody is refused; who waited long goes on all the same.
 */
@Component
@Order(2)
class ReadersInTurn extends OncePerRequestFilter {
  private static final long PATIENCE_MILLIS = 2000;

  private final Semaphore places =
      new Semaphore(Math.max(2, Runtime.getRuntime().availableProcessors()), true);

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
    boolean placed = placed();
    try {
      chain.doFilter(request, response);
    } finally {
      if (placed) {
        places.release();
      }
    }
  }

  private boolean placed() {
    try {
      return places.tryAcquire(PATIENCE_MILLIS, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
