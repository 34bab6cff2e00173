package almanac.app.ground.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever was not let in yet is served a few at a time, so that there is always room for the
 * devices of the house.
 */
@Component
@Order(1)
class Strangers extends OncePerRequestFilter {
  /** A browser asks for six things at once. */
  private static final int EACH = 8;

  /** A fifth of all that are served at once. */
  private static final int TOGETHER = 40;

  private final Map<String, Integer> present = new HashMap<>();
  private int together;

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return AtTheMachine.is(request) || request.getUserPrincipal() != null;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var who = request.getRemoteAddr();
    if (!comes(who)) {
      Refusal.write(
          response,
          HttpStatus.TOO_MANY_REQUESTS.value(),
          "Too much is asked at once from where nobody was let in yet.");
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      goes(who);
    }
  }

  private synchronized boolean comes(String who) {
    int there = present.getOrDefault(who, 0);
    if (there >= EACH || together >= TOGETHER) {
      return false;
    }
    present.put(who, there + 1);
    together++;
    return true;
  }

  private synchronized void goes(String who) {
    together--;
    present.merge(who, -1, (there, one) -> there + one == 0 ? null : there + one);
  }
}
