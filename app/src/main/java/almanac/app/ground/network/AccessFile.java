package almanac.app.ground.network;

import almanac.app.ground.disk.OwnersFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.UnaryOperator;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import tools.jackson.databind.json.JsonMapper;

/** Keeps who may come in, in a file that only its owner can read. */
public final class AccessFile {
  private static final String FOLDER = "network";
  private static final String FILE = "access.json";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** A passphrase is tried once at a time; each trial takes its memory and its time on purpose. */
  private static final PasswordEncoder ENCODER =
      Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();

  private final Path folder;
  private Access access;

  private AccessFile(Path folder, Access access) {
    this.folder = folder;
    this.access = access;
  }

  /**
   * That of a collection.
   *
   * @param data the folder of the collection
   */
  public static AccessFile of(Path data) throws IOException {
    var folder = data.resolve(FOLDER);
    var file = folder.resolve(FILE);
    return new AccessFile(
        folder,
        Files.exists(file) ? JSON.readValue(Files.readString(file), Access.class) : Access.CLOSED);
  }

  /** Where what belongs to the network is kept. */
  Path folder() {
    return folder;
  }

  synchronized Access get() {
    return access;
  }

  /** Whether a passphrase was chosen. */
  public synchronized boolean chosen() {
    return access.passphrase() != null;
  }

  /**
   * Keeps a passphrase, by which every device has to come in anew.
   *
   * @throws almanac.app.ground.refusals.BadEntry if it is too short or too long
   */
  public void choose(String passphrase) {
    Passphrase.refuseWeak(passphrase);
    var kept = ENCODER.encode(passphrase);
    change(before -> before.choosing(String.valueOf(kept)));
  }

  /** Whether this is the passphrase. */
  synchronized boolean matches(String typed) {
    var kept = access.passphrase();
    return kept != null && ENCODER.matches(typed, kept);
  }

  /** Changes who may come in; nothing is changed unless it is on the disk. */
  synchronized void change(UnaryOperator<Access> how) {
    var changed = how.apply(access);
    try {
      OwnersFile.keep(folder.resolve(FILE), JSON.writeValueAsBytes(changed));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    access = changed;
  }
}
