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

  /** What it is called: a look of the collector's own by what it asks. */
  public String title() {
    return purpose == Purpose.OWN && why.isPresent() ? why.get().toString() : purpose.title();
  }

  /** What to look for. */
  public String lookFor() {
    return purpose == Purpose.OWN ? purpose.title() : purpose.lookFor();
  }

  /** Why it lies there, where that is said besides what it is called. */
  public Optional<Sentence> besides() {
    return purpose == Purpose.OWN ? Optional.empty() : why;
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
