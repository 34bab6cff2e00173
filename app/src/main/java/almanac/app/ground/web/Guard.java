package almanac.app.ground.web;

import almanac.app.ground.network.Addresses;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only requests that are meant for this program: a page from elsewhere, open in the same
 * browser, can neither read the collection nor write into it.
 */
@Component
@Order(-1)
class Guard extends OncePerRequestFilter {
  /** How a browser says that a page of ours asks, or somebody who typed the address. */
  private static final Set<String> OURS = Set.of("same-origin", "none");

  private final Addresses addresses;

  Guard(Addresses addresses) {
    this.addresses = addresses;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!addresses.ours(request.getServerName(), request.isSecure())) {
      Refusal.write(response, 421, "This address is not served here.");
    } else if (fromElsewhere(request)) {
      Refusal.write(
          response,
          HttpServletResponse.SC_FORBIDDEN,
          "Another site's page may neither write nor read here.");
    } else if (String.valueOf(request.getContentType()).contains("*")) {
      Refusal.write(
          response, HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, "Say what is sent: JSON.");
    } else if (request.getContentLengthLong() > Bodies.largest(request)) {
      Bodies.refuseTooMuch(request, response);
    } else {
      chain.doFilter(request, response);
    }
  }

  /**
   * Whether a page from elsewhere asks. What it only shows, it cannot read; but some of it takes
   * long, and what is written must not be.
   */
  private static boolean fromElsewhere(HttpServletRequest request) {
    var site = request.getHeader("Sec-Fetch-Site");
    if (site != null && !OURS.contains(site) && request.getRequestURI().startsWith("/api/")) {
      return true;
    }
    var origin = request.getHeader("Origin");
    if (origin == null || request.getMethod().equals("GET") || request.getMethod().equals("HEAD")) {
      return false;
    }
    try {
      var host = request.getHeader("Host");
      return host == null || !host.equals(URI.create(origin).getRawAuthority());
    } catch (IllegalArgumentException e) {
      return true;
    }
  }
}
