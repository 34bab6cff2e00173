package almanac.core.judgement.readiness;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.evidence.LeadRoots;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootStage;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;

/**
 * How far the newest roots are, told apart: seen, reckoned from a look that still speaks, or
 * guessed from one that is too old. Rules: What is old is not seen.
 */
final class RootWords {
  private static final double FIVE = 5;

  private final LeadRoots roots;
  private final LocalDate today;
  private final boolean guessed;

  /**
   * @param guessed whether they were seen too long ago to speak for today
   */
  RootWords(LeadRoots roots, LocalDate today, boolean guessed) {
    this.roots = roots;
    this.today = today;
    this.guessed = guessed;
  }

  /** With the stages at which it takes a move; a guess says nothing of those. */
  Sentence of(RootStage stage, ReadyRule rule) {
    return guessed
        ? say(
            "Newest roots probably {} by now: nobody has looked since {}",
            stage.words(),
            roots.lastLook().on())
        : of(stage).and(say("; it takes a move {}", rule.words()));
  }

  private Sentence of(RootStage stage) {
    return switch (stage) {
      case NONE -> say("No new roots are growing");
      case ANCHORED -> say("The newest roots are in the medium");
      default -> roots.looks().isEmpty() ? plain(stage) : growing(stage);
    };
  }

  private Sentence growing(RootStage stage) {
    var look = roots.lastLook();
    if (!look.on().isBefore(today) || roots.lengthMm().isEmpty()) {
      return seen(look);
    }
    return look.longestMm().isPresent()
        ? say(
            "Newest roots about {}, from {} on {}",
            Measure.MM.of(roundly(roots.lengthMm().getAsDouble())),
            Measure.MM.of(Math.round(look.longestMm().getAsDouble())),
            look.on())
        : byEye(stage, look);
  }

  private static Sentence byEye(RootStage stage, RootLook look) {
    return stage == look.stage()
        ? say("Newest roots {} on {}", stage.words(), look.on())
        : say("Newest roots {} by now, {} on {}", stage.words(), look.stage().words(), look.on());
  }

  private static Sentence seen(RootLook look) {
    return look.longestMm().isPresent()
        ? say(
            "Newest roots {}, {}",
            Measure.MM.of(Math.round(look.longestMm().getAsDouble())),
            look.stage().words())
        : plain(look.stage());
  }

  private static Sentence plain(RootStage stage) {
    return say("Newest roots: {}", stage.words());
  }

  /** Nobody foretells a root to the millimetre. */
  private static double roundly(double mm) {
    return mm < FIVE ? Math.round(mm) : FIVE * Math.round(mm / FIVE);
  }
}
