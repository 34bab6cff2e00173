package almanac.core.checks;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Sentence;
import java.util.Optional;

/**
 * Something to look at, and when.
 *
 * @param purpose why and what for
 * @param window the days on which it is worth it
 * @param why it lies there, where that is not plain from what it is for
 */
public record Check(Purpose purpose, Window window, Optional<Sentence> why) {
  /** One of which it is plain why it lies there. */
  public Check(Purpose purpose, Window window) {
    this(purpose, window, Optional.empty());
  }

  /** The same, made in the place of one that nobody made. */
  public Check insteadOf(Check missed) {
    return new Check(
        purpose,
        window,
        Optional.of(
            say("“{}” was not answered; this look comes in its place.", missed.purpose().title())));
  }

  /** The same on other days. */
  public Check on(Window other) {
    return new Check(purpose, other, why);
  }
}
