package almanac.app.ground.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Set;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * What a stranger goes on sending after it was refused is not waited for: else a slow sender would
 * keep somebody busy with it.
 */
final class Unread extends ValveBase {
  private static final Set<Integer> REFUSED = Set.of(401, 403, 408, 421, 429);

  /** What is here already is read, so that the refusal is not lost with the connection. */
  private static final int HERE_ALREADY = 1 << 16;

  Unread() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    getNext().invoke(request, response);
    if (request.isSecure() && REFUSED.contains(response.getStatus())) {
      readWhatIsHere(request);
      if (comesStill(request)) {
        request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
      }
    }
  }

  private static boolean comesStill(Request request) {
    var sent = request.getCoyoteRequest();
    return request.getHeader("Transfer-Encoding") != null
        || sent.getContentLengthLong() > sent.getBytesRead();
  }

  private static void readWhatIsHere(Request request) throws IOException {
    var in = request.getStream();
    var some = new byte[1 << 12];
    int read = 0;
    while (in.available() > 0 && read < HERE_ALREADY) {
      read += Math.max(1, in.read(some, 0, Math.min(some.length, in.available())));
    }
  }
}
