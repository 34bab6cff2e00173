package almanac.app.ground.network;

import java.time.Duration;

/** Whoever guesses has to wait; what was typed was not looked at. */
public final class TooManyTries extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Duration wait;

  TooManyTries(Duration wait) {
    super(
        "That was wrong too often. Try again in %s; or close the way in and open it again on the machine itself, in the settings."
            .formatted(
                wait.toSeconds() < 90
                    ? "%d seconds".formatted(wait.toSeconds() + 1)
                    : "%d minutes".formatted(wait.toMinutes() + 1)));
    this.wait = wait;
  }

  /** In whole seconds, at least one. */
  public long seconds() {
    return wait.toSeconds() + 1;
  }
}
