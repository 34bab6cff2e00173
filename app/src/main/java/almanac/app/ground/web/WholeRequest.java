package almanac.app.ground.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/**
 * A request whose body has arrived, so that nobody waits for a slow sender while it is carried out.
 */
public final class WholeRequest extends HttpServletRequestWrapper {
  private final byte[] body;

  WholeRequest(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
  }

  /** All that was sent; empty if nothing was. */
  public byte[] body() {
    return body.clone();
  }

  @Override
  public ServletInputStream getInputStream() {
    var bytes = new ByteArrayInputStream(body);
    return new ServletInputStream() {
      @Override
      public int read() {
        return bytes.read();
      }

      @Override
      public int read(byte[] into, int from, int most) {
        return bytes.read(into, from, most);
      }

      @Override
      public boolean isFinished() {
        return bytes.available() == 0;
      }

      @Override
      public boolean isReady() {
        return true;
      }

      @Override
      public void setReadListener(ReadListener listener) {
        throw new UnsupportedOperationException("The body is here already.");
      }
    };
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }
}
