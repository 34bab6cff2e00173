package almanac.app.ground.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Waits for what is sent before anything is done with it, but not for long; and only once whoever
 * sends it was let in.
 */
@Component
@Order(2)
class WholeBody extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  /** A page sends some hundred bytes; the slowest network of a house has a megabyte through. */
  private static final Duration LONGEST = Duration.ofSeconds(20);

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return READING.contains(request.getMethod()) || Bodies.streamed(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var body = new ByteArrayOutputStream();
    var some = new byte[1 << 13];
    long until = System.nanoTime() + LONGEST.toNanos();
    var in = request.getInputStream();
    for (int read = in.read(some); read >= 0; read = in.read(some)) {
      body.write(some, 0, read);
      if (body.size() > Bodies.largest(request)) {
        Bodies.refuseTooMuch(request, response);
        return;
      }
      if (System.nanoTime() - until > 0) {
        Refusal.write(
            response, HttpServletResponse.SC_REQUEST_TIMEOUT, "This was sent too slowly.");
        return;
      }
    }
    chain.doFilter(new WholeRequest(request, body.toByteArray()), response);
  }
}
