package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.words.Sentence;
import java.util.Optional;

/** What is tried before a plant is given up. Rules: From need to verdict. */
public final class LastChance {
  private LastChance() {}

  /** What to look for; nothing for one that makes no new growth from what is left of it. */
  public static Optional<Sentence> of(Kind kind) {
    return kind.of(Trait.HABIT) == Habit.SYMPODIAL
        ? Optional.of(
            say(
                "Before it goes, look for the last chance: a firm back bulb with an eye, kept warm"
                    + " in damp moss."))
        : Optional.empty();
  }
}
