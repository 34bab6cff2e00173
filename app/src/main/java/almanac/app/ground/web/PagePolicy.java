package almanac.app.ground.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * What a page may load and run. The interface's build works it out, down to the digest of its first
 * script, and writes it into the page; sent as a header it holds for every answer.
 */
@Component
public class PagePolicy {
  private static final Pattern WRITTEN =
      Pattern.compile("<meta http-equiv=\"content-security-policy\" content=\"([^\"]+)\"");

  /** What a header alone can say: that no other page may hold this one. */
  private static final String NOT_WITHIN_OTHERS = "; frame-ancestors 'none'";

  private final String header;

  PagePolicy() throws IOException {
    var page = new ClassPathResource("/static/index.html");
    var found =
        WRITTEN.matcher(page.exists() ? page.getContentAsString(StandardCharsets.UTF_8) : "");
    header = (found.find() ? found.group(1) : "default-src 'self'") + NOT_WITHIN_OTHERS;
  }

  /** The whole policy, as a header. */
  public String header() {
    return header;
  }
}
