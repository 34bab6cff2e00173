package almanac.app.start;

/** The program cannot start; the message says in one sentence what is in the way. */
final class StartRefused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  StartRefused(String sentence) {
    super(sentence);
  }
}
