package almanac.app.ground.network;

import almanac.app.ground.refusals.Sentences;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.net.SSLHostConfigCertificate.Type;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Another way in, for other devices of the house, beside the one that is open to this machine
 * alone: encrypted, at a port of its own, opened and closed while the program runs.
 */
@Component
public class NetworkDoor {
  private static final Logger LOG = LoggerFactory.getLogger(NetworkDoor.class);

  /** With forward secrecy, and sums that go with the text; none that chains blocks (CBC). */
  private static final String CIPHERS = "ECDHE+AESGCM:ECDHE+CHACHA20";

  private static final String NOBODY_ELSE =
      "Another program listens at that port, or the address is not this machine's";

  private final WebServerApplicationContext context;
  private final AccessFile access;
  private final Addresses addresses;
  private final Clock clock;
  private final String slow;
  private @Nullable Connector connector;
  private @Nullable HomeCertificate certificate;
  private @Nullable String trouble;

  NetworkDoor(
      WebServerApplicationContext context,
      AccessFile access,
      Addresses addresses,
      Clock clock,
      @Value("${server.tomcat.connection-timeout}") Duration slow) {
    this.context = context;
    this.access = access;
    this.addresses = addresses;
    this.clock = clock;
    this.slow = String.valueOf(slow.toMillis());
  }

  /** Opens with the program where that was asked for and somebody can come in. */
  @EventListener(ApplicationReadyEvent.class)
  void openIfWanted() {
    if (access.chosen() && (access.get().open() || addresses.chosen().isPresent())) {
      open();
    }
  }

  /** Opens or closes, and keeps that for the next start. */
  public void turn(boolean open) {
    access.change(before -> before.opened(open));
    if (open) {
      open();
    } else {
      close();
    }
  }

  /** Opens, or stays open; what is in the way is told afterwards. */
  private synchronized void open() {
    close();
    try {
      var shown = HomeCertificate.in(access, addresses.certified(), clock.instant());
      var opened = connector(shown);
      server().getTomcat().getService().addConnector(opened);
      if (opened.getState() != LifecycleState.STARTED) {
        server().getTomcat().getService().removeConnector(opened);
        opened.destroy();
        trouble = NOBODY_ELSE;
        return;
      }
      connector = opened;
      certificate = shown;
    } catch (IOException | GeneralSecurityException | LifecycleException | RuntimeException e) {
      LOG.warn("Not open to the network", e);
      trouble = Sentences.of(e);
    }
  }

  private TomcatWebServer server() {
    return (TomcatWebServer) context.getWebServer();
  }

  /** One above the port for this machine alone. */
  private int port() {
    var own = context.getEnvironment().getProperty("server.port", Integer.class, 0);
    return own == 0 ? 0 : own + 1;
  }

  private Connector connector(HomeCertificate shown) {
    var made = new Connector(new Http11NioProtocol(new Connections()));
    made.setPort(port());
    addresses
        .chosen()
        .ifPresent(
            address -> {
              if (!made.setProperty("address", address)) {
                throw new IllegalStateException("%s is no address".formatted(address));
              }
            });
    made.setScheme("https");
    made.setSecure(true);
    made.setProperty("SSLEnabled", "true");
    made.setProperty("connectionTimeout", slow);
    made.setProperty("compression", "on");
    made.setProperty(
        "compressibleMimeType",
        context.getEnvironment().getProperty("server.compression.mime-types"));
    made.setXpoweredBy(false);
    var ssl = new SSLHostConfig();
    ssl.setProtocols("TLSv1.2+TLSv1.3");
    ssl.setCiphers(CIPHERS);
    var keys = new SSLHostConfigCertificate(ssl, Type.EC);
    keys.setCertificateKeystore(shown.store());
    keys.setCertificateKeyAlias(HomeCertificate.MACHINE);
    keys.setCertificateKeystorePassword(HomeCertificate.SECRET);
    keys.setCertificateKeyPassword(HomeCertificate.SECRET);
    ssl.addCertificate(keys);
    made.addSslHostConfig(ssl);
    return made;
  }

  /** Closes; whoever is in is out. */
  @PreDestroy
  synchronized void close() {
    trouble = null;
    certificate = null;
    var open = connector;
    connector = null;
    if (open == null) {
      return;
    }
    try {
      server().getTomcat().getService().removeConnector(open);
      open.destroy();
    } catch (LifecycleException e) {
      LOG.warn("Not closed in order", e);
    }
  }

  /** Shows another certificate before the present one ends, and when the machine's names change. */
  @Scheduled(fixedDelay = 6 * 60 * 60 * 1000L, initialDelay = 60 * 60 * 1000L)
  synchronized void renew() throws IOException, GeneralSecurityException {
    var shown = certificate;
    if (connector != null
        && shown != null
        && !HomeCertificate.in(access, addresses.certified(), clock.instant())
            .machine()
            .equals(shown.machine())) {
      open();
    }
  }

  /**
   * What others need to come in.
   *
   * @param addresses to be typed or scanned, the likeliest first
   * @param fingerprint of what is shown
   * @param authority what a phone can be told to trust
   * @param authorityFingerprint of that
   */
  public record Way(
      List<String> addresses, String fingerprint, byte[] authority, String authorityFingerprint) {}

  /** The way in, if it is open. */
  public synchronized Optional<Way> way() {
    if (connector == null || certificate == null) {
      return Optional.empty();
    }
    int port = connector.getLocalPort();
    try {
      return Optional.of(
          new Way(
              addresses.reachable().stream()
                  .map(name -> "https://%s:%d".formatted(name, port))
                  .toList(),
              HomeCertificate.fingerprint(certificate.machine()),
              certificate.authority().getEncoded(),
              HomeCertificate.fingerprint(certificate.authority())));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Why it is not open although it was to be; part of a sentence. */
  public synchronized Optional<String> trouble() {
    return Optional.ofNullable(trouble);
  }
}
