package almanac.app.ground.entrance;

import almanac.app.ground.network.Devices;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Knows a device again by what it was given when it was let in. */
final class KnownDevice extends OncePerRequestFilter {
  /** A name that browsers take from this machine alone, and only if it is encrypted. */
  static final String COOKIE = "__Host-almanac-device";

  private final Devices devices;

  KnownDevice(Devices devices) {
    this.devices = devices;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    shown(request)
        .flatMap(devices::showing)
        .ifPresent(
            device -> {
              var context = SecurityContextHolder.createEmptyContext();
              context.setAuthentication(
                  UsernamePasswordAuthenticationToken.authenticated(device, null, List.of()));
              SecurityContextHolder.setContext(context);
            });
    chain.doFilter(request, response);
  }

  private static Optional<String> shown(HttpServletRequest request) {
    return Optional.ofNullable(request.getCookies())
        .map(Arrays::stream)
        .orElse(Stream.empty())
        .filter(cookie -> cookie.getName().equals(COOKIE))
        .map(Cookie::getValue)
        .findFirst();
  }
}
