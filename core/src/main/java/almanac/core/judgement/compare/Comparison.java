package almanac.core.judgement.compare;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.words.Measure;
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
    boolean hazard = other.reasons().stream().anyMatch(reason -> reason.scale() == Scale.HAZARD);
    if (hazard && other.verdict() == inForce.verdict()) {
      return say("The same: a hazard acts under every approach.");
    }
    var weighed = weighedOtherwise(inForce, other);
    if (other.verdict() != inForce.verdict()) {
      return weighed.orElseGet(
          () -> say("Decides otherwise at the same weights: {}.", other.approach().principle()));
    }
    return weighed
        .map(difference -> say("The same in the end. ").and(difference))
        .orElseGet(() -> say("The same: nothing here is weighed otherwise."));
  }

  private static Optional<Sentence> weighedOtherwise(Judgement inForce, Judgement other) {
    if (other.need() != inForce.need()) {
      return Optional.of(
          say(
              "Counts a need of {} instead of {}: {}.",
              Math.round(other.need()),
              Math.round(inForce.need()),
              other.approach().principle()));
    }
    if (other.readiness() != inForce.readiness()) {
      return Optional.of(
          say(
              "Sees {} of readiness instead of {}: {}.",
              Measure.POINTS.of(Math.round(other.readiness())),
              Math.round(inForce.readiness()),
              other.approach().principle()));
    }
    return other.method().words().equals(inForce.method().words())
        ? Optional.empty()
        : Optional.of(say("Would do it otherwise: {}", other.method().words().toString()));
  }
}
