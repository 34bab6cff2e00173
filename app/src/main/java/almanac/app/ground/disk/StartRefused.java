package almanac.app.ground.disk;

/** The program cannot start; the message says in one sentence what is in the way. */
public final class StartRefused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public StartRefused(String sentence) {
    super(sentence);
  }
}
