package almanac.app.ground.network;

import almanac.app.ground.network.Access.Device;
import almanac.app.ground.refusals.NotFound;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The devices that were let in, each by a passphrase typed once. */
@Component
public class Devices {
  private static final int TOKEN_BYTES = 32;

  /** Who has not come for so long types it again. */
  private static final Duration LONGEST_AWAY = Duration.ofDays(180);

  /** When a device was seen is kept to the hour. */
  private static final Duration SEEN_TO = Duration.ofHours(1);

  private final SecureRandom random = new SecureRandom();
  private final Tries tries = new Tries();
  private final AccessFile file;
  private final Clock clock;

  Devices(AccessFile file, Clock clock) {
    this.file = file;
    this.clock = clock;
  }

  /** A device as lists show it. */
  public record Seen(UUID uid, String name, Instant since, Instant seen) {
    static Seen of(Device device) {
      return new Seen(device.uid(), device.name(), device.since(), device.seen());
    }
  }

  /** How long a device may stay away. */
  public static Duration longestAway() {
    return LONGEST_AWAY;
  }

  /**
   * Lets a device in.
   *
   * @param from where it comes from
   * @param name as its owner calls it
   * @return what it has to show from now on
   * @throws WrongPassphrase if this is not the passphrase
   * @throws TooManyTries if it has to wait first
   */
  public String letIn(String from, String typed, String name) {
    synchronized (tries) {
      var now = clock.instant();
      var wait = tries.wait(from, now);
      if (!wait.isZero()) {
        throw new TooManyTries(wait);
      }
      if (!file.matches(typed)) {
        tries.wrong(from, now);
        throw new WrongPassphrase();
      }
      tries.right(from);
      var bytes = new byte[TOKEN_BYTES];
      random.nextBytes(bytes);
      var token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
      file.change(
          before -> before.and(new Device(UUID.randomUUID(), name, digest(token), now, now)));
      return token;
    }
  }

  /** Whoever was wrong, or waits because others were, may try again at once. */
  public void forgetTries() {
    tries.forget();
  }

  /** The device that shows this, if it was let in and is still welcome. */
  public Optional<Seen> showing(String token) {
    var digest = digest(token);
    var now = clock.instant();
    var found =
        file.get().devices().stream()
            .filter(device -> device.token().equals(digest))
            .filter(device -> device.seen().plus(LONGEST_AWAY).isAfter(now))
            .findFirst();
    found
        .filter(device -> device.seen().plus(SEEN_TO).isBefore(now))
        .ifPresent(device -> file.change(before -> before.with(device.seenAt(now))));
    return found.map(Seen::of);
  }

  /** Those that are let in, as they came. */
  public List<Seen> all() {
    return file.get().devices().stream().map(Seen::of).toList();
  }

  /**
   * Lets a device in no longer.
   *
   * @throws NotFound if there is none of that name
   */
  public void end(UUID uid) {
    if (all().stream().noneMatch(device -> device.uid().equals(uid))) {
      throw new NotFound("This device is not let in any more.");
    }
    file.change(before -> before.without(uid));
  }

  private static String digest(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
