package almanac.app.ground.network;

/** What was typed is not the passphrase. */
public final class WrongPassphrase extends RuntimeException {
  private static final long serialVersionUID = 1L;

  WrongPassphrase() {
    super("This is not the passphrase.");
  }
}
