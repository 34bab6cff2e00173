package almanac.app.record.journal;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** Several changes in one sentence. */
final class ChangesTold {
  private ChangesTold() {}

  static Optional<Sentence> together(List<Sentence> changes) {
    return changes.stream().reduce((one, other) -> one.and(say("; ")).and(other));
  }
}
