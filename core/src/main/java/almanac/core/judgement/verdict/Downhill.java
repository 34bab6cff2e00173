package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.rhizome.Growth;
import almanac.core.rhizome.Growths;
import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A plant that sinks over several looks since it was potted, in more than one way. It is named, so
 * that somebody can choose to stop; nothing is decided by it. Rules: From need to verdict,
 * downhill.
 */
final class Downhill {
  private static final int TWICE = 2;

  private final Evidence evidence;
  private final List<Inspection> looks;

  private Downhill(Evidence evidence) {
    this.evidence = evidence;
    var first =
        evidence.today().minusDays(evidence.figures().count(JudgementFigures.DOWNHILL_LOOKS));
    this.looks =
        evidence.situation().history().inspections().stream()
            .filter(look -> look.on().isAfter(first) && !look.on().isAfter(evidence.today()))
            .toList();
  }

  /** One way in which it sinks, and since when. */
  private record Sign(String what, LocalDate since) {}

  /** Nothing where it does not, or only in one way. */
  static Optional<Sentence> of(Evidence evidence) {
    if (evidence.situation().history().inspections().size() <= TWICE) {
      return Optional.empty();
    }
    var signs = new Downhill(evidence).signs();
    if (signs.size() < evidence.figures().count(JudgementFigures.DOWNHILL_SIGNS)) {
      return Optional.empty();
    }
    var since = signs.stream().map(Sign::since).min(LocalDate::compareTo).orElseThrow();
    var what = signs.stream().map(Sign::what).limit(3).toList();
    return Optional.of(
        say(
            "Going downhill since {}: {} and {}.",
            since,
            String.join(", ", what.subList(0, what.size() - 1)),
            what.get(what.size() - 1)));
  }

  private List<Sign> signs() {
    var signs = new ArrayList<Sign>();
    if (!evidence.rest().keptDry()) {
      worse("softer leaves", Items.LEAVES).ifPresent(signs::add);
      worse("thinner bulbs", Items.BULBS).ifPresent(signs::add);
    }
    int growthsStandAt = signs.size();
    again("pests again", Items.PESTS, Pests::harmful).ifPresent(signs::add);
    again("rot again", Items.ROT, rot -> rot != Rot.NONE).ifPresent(signs::add);
    // Alone they are no sign, and telling growths apart takes longest.
    if (!signs.isEmpty()) {
      smaller().ifPresent(sign -> signs.add(growthsStandAt, sign));
    }
    return signs;
  }

  /** Worse at the last two looks than it was at its best before them. */
  private <A extends Enum<A> & Answer> Optional<Sign> worse(String what, Item<A> item) {
    var seen = looks.stream().filter(look -> look.look(item).answer().isPresent()).toList();
    if (seen.size() <= TWICE) {
      return Optional.empty();
    }
    var before = seen.subList(0, seen.size() - TWICE);
    int best = before.stream().mapToInt(look -> rank(look, item)).min().orElseThrow();
    var last = seen.subList(seen.size() - TWICE, seen.size());
    return last.stream().allMatch(look -> rank(look, item) > best)
        ? seen.stream()
            .filter(look -> rank(look, item) > best)
            .findFirst()
            .map(look -> new Sign(what, look.on()))
        : Optional.empty();
  }

  private static <A extends Enum<A> & Answer> int rank(Inspection look, Item<A> item) {
    return look.look(item).answer().orElseThrow().ordinal();
  }

  /** Two growths in a row that are each clearly smaller than the one before. */
  private Optional<Sign> smaller() {
    var growths =
        Growths.of(
            evidence.situation().history().inspections().stream()
                .filter(look -> !look.on().isAfter(evidence.today()))
                .toList());
    return Arrays.stream(Lead.values())
        .map(lead -> growths.stream().filter(growth -> growth.lead() == lead).toList())
        .flatMap(ofLead -> smaller(ofLead).stream())
        .findFirst();
  }

  private Optional<Sign> smaller(List<Growth> ofLead) {
    var done =
        ofLead.stream().filter(growth -> growth.size().isPresent() && !growth.leads()).toList();
    int last = done.size() - 1;
    return last >= TWICE
            && isSmaller(done.get(last), done.get(last - 1))
            && isSmaller(done.get(last - 1), done.get(last - 2))
        ? Optional.of(new Sign("smaller growths", done.get(last - 1).since()))
        : Optional.empty();
  }

  private boolean isSmaller(Growth one, Growth former) {
    double share = 1 - evidence.figures().of(JudgementFigures.DOWNHILL_SMALLER) / 100;
    return one.size().orElseThrow() < former.size().orElseThrow() * share;
  }

  private <A extends Enum<A> & Answer> Optional<Sign> again(
      String what, Item<A> item, Predicate<A> harm) {
    var found =
        looks.stream()
            .filter(
                look ->
                    look.look(item).seen().stream()
                        .flatMap(seen -> seen.finding().answers().stream())
                        .anyMatch(harm))
            .map(Inspection::on)
            .distinct()
            .toList();
    return found.size() >= TWICE ? Optional.of(new Sign(what, found.get(0))) : Optional.empty();
  }
}
