package almanac.app.ground.refusals;

/** What lies at the bottom of a failure, as part of a sentence. */
public final class Sentences {
  private static final int LONGEST = 200;

  private Sentences() {}

  /** The first line of the deepest message; the kind of failure where none says anything. */
  public static String of(Throwable failure) {
    var said = words(failure.getClass().getSimpleName());
    for (var cause = failure; cause != null; cause = cause.getCause()) {
      var message = cause.getMessage();
      if (message != null && !message.isBlank() && !message.equals("null")) {
        said = message.lines().findFirst().orElse(said);
      } else if (cause.getCause() == null) {
        said = words(cause.getClass().getSimpleName());
      }
    }
    return said.length() > LONGEST ? said.substring(0, LONGEST) + "…" : said;
  }

  /** "no such file" for NoSuchFileException. */
  public static String words(String type) {
    return type.replaceAll("(Exception|Error)$", "")
        .replaceAll("([a-z])([A-Z])", "$1 $2")
        .toLowerCase(java.util.Locale.ROOT);
  }
}
