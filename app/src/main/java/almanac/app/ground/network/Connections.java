package almanac.app.ground.network;

import java.io.IOException;
import java.nio.channels.SocketChannel;
import org.apache.tomcat.util.net.NioEndpoint;

/** Lets nobody hold more than a share of all connections that there can be. */
final class Connections extends NioEndpoint {
  /** A browser holds six, and a household behind one address some times that. */
  static final int EACH = 64;

  @Override
  protected SocketChannel serverSocketAccept() throws Exception {
    while (true) {
      var come = super.serverSocketAccept();
      if (come == null || from(come) < EACH) {
        return come;
      }
      come.close();
    }
  }

  private long from(SocketChannel come) throws IOException {
    var who = come.socket().getInetAddress().getHostAddress();
    return getConnections().stream().filter(each -> who.equals(each.getRemoteAddr())).count();
  }
}
