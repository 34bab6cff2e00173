package almanac.app.ground.network;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who may come in. It lies beside the collection and not in it, so that it goes neither into a
 * package nor comes back with a backup.
 *
 * @param passphrase as it is kept, from which nobody can tell it; null if none was chosen
 * @param open whether the program is to be open to the network whenever it runs
 */
record Access(@Nullable String passphrase, boolean open, List<Device> devices) {
  static final Access CLOSED = new Access(null, false, List.of());

  Access {
    devices = List.copyOf(devices);
  }

  /**
   * A phone, tablet or computer that was let in.
   *
   * @param uid its name in lists
   * @param name as its owner calls it
   * @param token a digest of what it shows each time
   * @param since when it was let in
   * @param seen when it was seen last, to the hour
   */
  record Device(UUID uid, String name, String token, Instant since, Instant seen) {
    Device seenAt(Instant now) {
      return new Device(uid, name, token, since, now);
    }
  }

  /** With another passphrase, by which everybody has to come in anew. */
  Access choosing(String kept) {
    return new Access(kept, open, List.of());
  }

  Access opened(boolean wanted) {
    return new Access(passphrase, wanted, devices);
  }

  Access and(Device device) {
    var all = new ArrayList<>(devices);
    all.add(device);
    return new Access(passphrase, open, all);
  }

  Access without(UUID uid) {
    return new Access(
        passphrase, open, devices.stream().filter(each -> !each.uid().equals(uid)).toList());
  }

  Access with(Device device) {
    return new Access(
        passphrase,
        open,
        devices.stream().map(each -> each.uid().equals(device.uid()) ? device : each).toList());
  }
}
