package almanac.core.judgement.compare;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What sets one judgement apart from another of the same plant, as sentences. */
public final class Differences {
  private static final Set<Scale> COUNTING =
      Set.of(Scale.HAZARD, Scale.NEED, Scale.READINESS, Scale.LOSS);

  private final Judgement before;
  private final Judgement after;
  private final List<Sentence> found = new ArrayList<>();

  private Differences(Judgement before, Judgement after) {
    this.before = before;
    this.after = after;
  }

  /** What changed from one judgement to the other; none if nothing did. */
  public static List<Sentence> between(Judgement before, Judgement after) {
    var differences = new Differences(before, after);
    differences.verdict();
    differences.points("Need", before.need(), after.need());
    differences.points("Readiness", before.readiness(), after.readiness());
    differences.reasons();
    differences.method();
    return List.copyOf(differences.found);
  }

  private void verdict() {
    if (before.verdict() != after.verdict()) {
      found.add(
          say(
              "{} instead of {}",
              after.title(),
              before.title().toLowerCase(java.util.Locale.ROOT)));
    }
  }

  private void points(String what, double was, double is) {
    if (Math.round(was) != Math.round(is)) {
      found.add(
          say(
              "{} {} instead of {}",
              what,
              Measure.POINTS.of(Math.round(is)),
              Measure.POINTS.of(Math.round(was))));
    }
  }

  private void reasons() {
    after.weighed().reasons().stream()
        .filter(reason -> COUNTING.contains(reason.scale()) && reason.points() > 0)
        .filter(reason -> !said(before).contains(reason.sentence()))
        .forEach(reason -> found.add(say("Counts now: ").and(reason.sentence())));
    before.weighed().reasons().stream()
        .filter(reason -> COUNTING.contains(reason.scale()) && reason.points() > 0)
        .filter(reason -> !said(after).contains(reason.sentence()))
        .forEach(reason -> found.add(say("Counts no more: ").and(reason.sentence())));
  }

  private static Set<Sentence> said(Judgement judgement) {
    return judgement.weighed().reasons().stream().map(Reason::sentence).collect(Collectors.toSet());
  }

  private void method() {
    if (!before.method().words().equals(after.method().words())
        && before.verdict() == after.verdict()) {
      found.add(say("Method: ").and(after.method().words()));
    }
  }
}
