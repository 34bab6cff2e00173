package almanac.app.web;

import almanac.app.network.Addresses;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only requests that are meant for this program: a page from elsewhere, open in the same
 * browser, can neither read the collection nor write into it.
 */
@Component
@Order(-1)
class Guard extends OncePerRequestFilter {
  private static final int LARGEST_BODY = 1_000_000;
  private static final long LARGEST_PHOTO = 31_000_000;

  /** Some thousand photographs; whether the disk holds it is looked at besides. */
  private static final long LARGEST_PACKAGE = 20_000_000_000L;

  /** A list of some thousand plants has a tenth of it. */
  private static final long LARGEST_SHEET = 10_000_000;

  /** A plant with a hundred photographs. */
  private static final long LARGEST_PASSPORT = 100_000_000;

  private static final String PACKAGES = "/api/package/arrivals";
  private static final String PASSPORTS = "/api/passports";
  private static final String SHEETS = "/api/sheets";
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final Addresses addresses;
  private final PagePolicy policy;

  Guard(Addresses addresses, PagePolicy policy) {
    this.addresses = addresses;
    this.policy = policy;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("X-Frame-Options", "DENY");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Content-Security-Policy", policy.header());
    if (request.getRequestURI().startsWith("/api/")) {
      // What is kept for the round is kept by the page itself, and by nobody on the way.
      response.setHeader(HttpHeaders.CACHE_CONTROL, CacheControl.noStore().getHeaderValue());
    }
    if (!addresses.ours(request.getServerName(), request.isSecure())) {
      Refusal.write(response, 421, "This address is not served here.");
    } else if (fromElsewhere(request)) {
      Refusal.write(
          response, HttpServletResponse.SC_FORBIDDEN, "Another site's page may not write here.");
    } else if (String.valueOf(request.getContentType()).contains("*")) {
      Refusal.write(
          response, HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, "Say what is sent: JSON.");
    } else if (request.getContentLengthLong() > largest(request)) {
      refuseTooMuch(request, response);
    } else if (streamed(request) || READING.contains(request.getMethod())) {
      chain.doFilter(request, response);
    } else {
      var body = request.getInputStream().readNBytes(LARGEST_BODY + 1);
      if (body.length > LARGEST_BODY) {
        refuseTooMuch(request, response);
      } else {
        chain.doFilter(new WholeRequest(request, body), response);
      }
    }
  }

  private static void refuseTooMuch(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Refusal.write(
        response,
        HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
        photo(request)
            ? "A photograph has at most 30 MB; this one is larger. Nothing was kept."
            : "This is too much at once.");
  }

  /** What is not held in memory, but laid on the disk as it comes. */
  private static boolean streamed(HttpServletRequest request) {
    return largest(request) != LARGEST_BODY;
  }

  private static boolean photo(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/photos");
  }

  private static long largest(HttpServletRequest request) {
    return switch (request.getRequestURI()) {
      case PACKAGES -> LARGEST_PACKAGE;
      case SHEETS -> LARGEST_SHEET;
      case PASSPORTS -> LARGEST_PASSPORT;
      default -> photo(request) ? LARGEST_PHOTO : LARGEST_BODY;
    };
  }

  private static boolean fromElsewhere(HttpServletRequest request) {
    var origin = request.getHeader("Origin");
    if (origin == null || request.getMethod().equals("GET") || request.getMethod().equals("HEAD")) {
      return false;
    }
    try {
      return !request.getHeader("Host").equals(URI.create(origin).getRawAuthority());
    } catch (IllegalArgumentException e) {
      return true;
    }
  }
}
