package almanac.app.ground.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** How much may be sent where. */
final class Bodies {
  private static final int LARGEST = 1_000_000;
  private static final long LARGEST_PHOTO = 31_000_000;

  /** Some thousand photographs; whether the disk holds it is looked at besides. */
  private static final long LARGEST_PACKAGE = 20_000_000_000L;

  /** A list of some thousand plants has a tenth of it. */
  private static final long LARGEST_SHEET = 10_000_000;

  /** A plant with a hundred photographs. */
  private static final long LARGEST_PASSPORT = 100_000_000;

  /** A passphrase, and the name of a device; anybody may send it. */
  private static final long LARGEST_KNOCK = 2_000;

  private Bodies() {}

  /** What is not held in memory, but laid on the disk as it comes. */
  static boolean streamed(HttpServletRequest request) {
    return largest(request) > LARGEST;
  }

  private static boolean photo(HttpServletRequest request) {
    return request.getRequestURI().endsWith("/photos");
  }

  /** In bytes. */
  static long largest(HttpServletRequest request) {
    return switch (request.getRequestURI()) {
      case "/api/package/arrivals" -> LARGEST_PACKAGE;
      case "/api/sheets" -> LARGEST_SHEET;
      case "/api/passports" -> LARGEST_PASSPORT;
      case "/api/entrance" -> LARGEST_KNOCK;
      default -> photo(request) ? LARGEST_PHOTO : LARGEST;
    };
  }

  static void refuseTooMuch(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Refusal.write(
        response,
        HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
        photo(request)
            ? "A photograph has at most 30 MB; this one is larger. Nothing was kept."
            : "This is too much at once.");
  }
}
