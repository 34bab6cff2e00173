package almanac.app.start;

import java.io.IOException;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.util.List;

/**
 * What a browser asks for first, asked once before anybody does, so that the classes for it lie
 * ready with those of the start.
 */
final class Rehearsal {
  private static final List<String> FIRST =
      List.of(
          "/",
          "/api/site",
          "/api/plants",
          "/api/today",
          "/api/rounds",
          "/api/checks",
          "/api/small-jobs",
          "/api/choices",
          "/api/places",
          "/api/plants/1");

  private Rehearsal() {}

  /**
   * @param address of the program that has started
   * @throws IllegalStateException if it does not answer as it should
   */
  static void of(String address) {
    for (var path : FIRST) {
      try {
        var asked = (HttpURLConnection) URI.create(address + path).toURL().openConnection();
        try (var answer = asked.getInputStream()) {
          answer.transferTo(OutputStream.nullOutputStream());
        }
      } catch (IOException e) {
        throw new IllegalStateException("%s is not answered".formatted(path), e);
      }
    }
  }
}
