package almanac.core.taught;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Outcome;
import almanac.core.words.Capital;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What came of a move, and by what that is known. Rules: What came of it.
 *
 * @param outcome as it was worked out, or as somebody said
 * @param tips when new root tips came
 * @param holds when it had taken hold
 * @param signs all that was seen and speaks of it, oldest first
 * @param restsOn those that it rests on
 * @param smaller whether the next growth came out smaller; that is said beside it
 * @param said whether somebody said otherwise than was worked out
 */
public record Afterwards(
    Outcome outcome,
    Optional<Since> tips,
    Optional<Since> holds,
    List<Sign> signs,
    List<Sign> restsOn,
    boolean smaller,
    boolean said) {
  /**
   * When something came about that nobody watches: after one look and by another.
   *
   * @param after the last day on which it was not yet so
   * @param by the first on which it was
   */
  public record Since(LocalDate after, LocalDate by) {}

  /** The same as somebody says it was. */
  public Afterwards as(Outcome told) {
    return new Afterwards(told, tips, holds, signs, restsOn, smaller, true);
  }

  /** In a sentence. */
  public Sentence words(MoveMade move) {
    var words = moved(move);
    if (tips.isPresent()) {
      words = words.and(say("; new tips by {}", tips.get().by()));
    }
    if (holds.isPresent()) {
      words = words.and(say(move.whole() ? ", stood by {}" : ", held by {}", holds.get().by()));
    }
    words = words.and(say(": {}", outcome.words()));
    if (smaller) {
      words = words.and(say(", and its next growth was smaller"));
    }
    return words.and(say("."));
  }

  private static Sentence moved(MoveMade move) {
    var did = Capital.of(move.sort().words());
    return move.before()
        .stage()
        .map(stage -> say("{} {} on {}", did, Stages.at(stage), move.on()))
        .orElseGet(() -> say("{} on {}", did, move.on()));
  }
}
