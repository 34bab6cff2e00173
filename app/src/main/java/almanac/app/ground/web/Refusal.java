package almanac.app.ground.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** What is refused before the program is asked. */
public final class Refusal {
  private Refusal() {}

  public static void write(HttpServletResponse response, int status, String sentence)
      throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getWriter().write(Problems.written("/problems/refused", "Refused", status, sentence));
  }
}
