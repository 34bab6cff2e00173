package almanac.app.ground.network;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** By which names this machine is reached. */
@Component
public class Addresses {
  private static final Set<String> ITSELF = Set.of("localhost", "127.0.0.1", "[::1]");

  private final String host;

  /**
   * @param host the address that was asked for at the start; blank for all that the machine has
   */
  Addresses(@Value("${almanac.host}") String host) {
    this.host = host;
  }

  /** The address to listen at; nothing for all that the machine has. */
  Optional<String> chosen() {
    return host.isBlank() ? Optional.empty() : Optional.of(host);
  }

  /**
   * Whether a name is one of this machine's, so that a page from elsewhere that gave its own name
   * this address is not taken for ours.
   *
   * @param fromNetwork whether it was asked for over the network, and not on the machine
   */
  public boolean ours(String name, boolean fromNetwork) {
    var plain = name.startsWith("[") ? sixth(name) : name.toLowerCase(Locale.ROOT);
    return ITSELF.contains(plain) || fromNetwork && outside().contains(plain);
  }

  /** As they stand in an address that others type, the likeliest first. */
  List<String> reachable() {
    return List.copyOf(outside());
  }

  /** All by which it may be asked for, also on the machine itself. */
  List<String> certified() {
    var names = outside();
    names.add("localhost");
    names.add("127.0.0.1");
    return List.copyOf(names);
  }

  private Set<String> outside() {
    var names = new LinkedHashSet<String>();
    chosen().filter(name -> !anyAddress(name)).ifPresent(names::add);
    if (names.isEmpty()) {
      inets().forEach(inet -> names.add(written(inet)));
    }
    hostName()
        .ifPresent(
            name -> {
              names.add(name + ".local");
              names.add(name);
            });
    return names;
  }

  private static boolean anyAddress(String name) {
    return name.equals("0.0.0.0") || name.equals("::") || name.equals("[::]");
  }

  /** Those that others can reach, IPv4 before IPv6. */
  private static List<InetAddress> inets() {
    var four = new ArrayList<InetAddress>();
    var six = new ArrayList<InetAddress>();
    try {
      for (var port : NetworkInterface.networkInterfaces().toList()) {
        if (!port.isUp() || port.isLoopback()) {
          continue;
        }
        for (var inet : port.inetAddresses().toList()) {
          if (inet instanceof Inet4Address) {
            four.add(inet);
          } else if (!inet.isLinkLocalAddress()) {
            six.add(inet);
          }
        }
      }
    } catch (SocketException e) {
      return List.of();
    }
    four.addAll(six);
    return four;
  }

  private static String written(InetAddress inet) {
    var plain = inet.getHostAddress().replaceFirst("%.*", "");
    return inet instanceof Inet4Address ? plain : shortest(plain);
  }

  /** IPv6 is written in many ways, and by browsers in the shortest. */
  private static String sixth(String bracketed) {
    try {
      return written(InetAddress.getByName(bracketed));
    } catch (UnknownHostException e) {
      return bracketed;
    }
  }

  private static String shortest(String plain) {
    return "[" + plain.replaceFirst("(^|:)0(:0)+(:|$)", "::") + "]";
  }

  private static Optional<String> hostName() {
    try {
      var name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
      var first = name.replaceFirst("\\..*", "");
      return first.matches("[a-z][a-z0-9-]*") && !first.equals("localhost")
          ? Optional.of(first)
          : Optional.empty();
    } catch (UnknownHostException e) {
      return Optional.empty();
    }
  }
}
