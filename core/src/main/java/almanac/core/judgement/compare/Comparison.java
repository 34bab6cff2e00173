package almanac.core.judgement.compare;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.words.Sentence;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How one approach decides, beside the one in force.
 *
 * @param judgement by that approach
 * @param why why it decides so: what makes the difference, or that there is none
 */
public record Comparison(Judgement judgement, Sentence why) {

  /** The same plant by each of the four approaches, in their order. */
  public static List<Comparison> all(Situation situation, Judgement inForce, Figures figures) {
    return Arrays.stream(Approach.values())
        .map(
            approach ->
                approach == inForce.approach()
                    ? inForce
                    : new Judge(figures, approach).judge(situation))
        .map(judged -> new Comparison(judged, why(inForce, judged)))
        .toList();
  }

  private static Sentence why(Judgement inForce, Judgement other) {
    if (other == inForce) {
      return say("In force here: {}.", other.approach().principle());
    }
    boolean hazard =
        other.weighed().reasons().stream().anyMatch(reason -> reason.scale() == Scale.HAZARD);
    if (hazard && other.verdict() == inForce.verdict()) {
      return say("The same: a hazard acts under every approach.");
    }
    if (other.verdict() != inForce.verdict()) {
      return would(other).and(because(inForce, other));
    }
    if (otherMethod(inForce, other)) {
      return say("The same, done otherwise: {}", other.method().words().toString());
    }
    return otherDay(inForce, other)
        .orElseGet(() -> say("The same: nothing here is weighed otherwise."));
  }

  /** What it would do with this plant, in this case. */
  private static Sentence would(Judgement other) {
    return switch (other.verdict()) {
      case LEAVE -> say("Would leave it: nothing is gained by a move now");
      case ADJUST_CARE -> say("Would only put its care right");
      case WATCH ->
          other
              .found()
              .gateOpens()
              .map(day -> say("Would leave it until light carries a move, about {}", day))
              .orElseGet(() -> say("Would leave it for now and look again"));
      case LET_GO -> say("Would let it go");
      case RESCUE -> say("Would rescue it today");
      case WAIT_FOR -> waits(((Timing.Waits) other.timing()).awaited());
      case LIFT_AND_LOOK -> Consequence.words(other, "Would tip it out and look");
      case MOVE_UP ->
          Consequence.words(
              other,
              other.method().setsFirm()
                  ? "Would set it firm in its pot"
                  : "Would move it whole into a larger pot");
      case PART_REPOT -> Consequence.words(other, "Would repot it in part");
      case FULL_REPOT -> Consequence.words(other, "Would take all medium off and repot it");
      case DIVIDE -> Consequence.words(other, "Would divide it");
    };
  }

  private static Sentence waits(Wait wait) {
    return wait.conditions().contains(WaitCondition.LOOK_AT_ROOTS)
        ? say("Would look at its newest roots first")
        : say("Would wait for {}, about {}", wait.words(), wait.likely());
  }

  /** Which weights differ here. */
  private static Sentence because(Judgement inForce, Judgement other) {
    long need = Math.round(other.need());
    long readiness = Math.round(other.readiness());
    if (need != Math.round(inForce.need())) {
      var points = say(" (need {} instead of {}).", need, Math.round(inForce.need()));
      return counts(inForce, other)
          .map(reason -> say(": “").and(reason.sentence()).and(say("” weighs more")).and(points))
          .orElse(points);
    }
    return readiness == Math.round(inForce.readiness())
        ? say(".")
        : say(" (readiness {} instead of {}).", readiness, Math.round(inForce.readiness()));
  }

  /** What counts more with the other than with the one in force. */
  private static Optional<Reason> counts(Judgement inForce, Judgement other) {
    return other.weighed().reasons().stream()
        .filter(reason -> reason.scale() == Scale.NEED && reason.points() > 0)
        .filter(
            reason ->
                inForce.weighed().reasons().stream()
                    .noneMatch(
                        known ->
                            known.basis().equals(reason.basis())
                                && known.points() >= reason.points()))
        .findFirst();
  }

  private static boolean otherMethod(Judgement inForce, Judgement other) {
    boolean moves = other.verdict().atTheBench() && other.verdict() != Verdict.LET_GO;
    return moves && !other.method().words().equals(inForce.method().words());
  }

  /** The same verdict, for another day. */
  private static Optional<Sentence> otherDay(Judgement inForce, Judgement other) {
    return other.timing() instanceof Timing.Waits waits && !other.advice().equals(inForce.advice())
        ? Optional.of(
            say(
                "The same, but for {}, about {}.",
                waits.awaited().words(),
                waits.awaited().likely()))
        : Optional.empty();
  }
}
