package almanac.core.judgement.compare;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Bubbles;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.medium.MediumPiece;
import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * Tries what has not been looked at, answer by answer. What counts is a change between leaving
 * alone and acting, or of the day. Rules: The deciding look.
 */
public final class DecidingLooks {
  private static final int MOST = 2;
  private static final int MOST_CLAUSES = 2;
  private static final Sentence STAYS = say("nothing changes");

  /** Where one of the answers would have the plant taken in hand, or left, at the least. */
  private static final double MATTERS = 0.25;

  /** What nobody expects of a plant that gives no cause for doubt. */
  private static final Set<Answer> ALARMS =
      Set.of(
          Stability.SLIGHT_WOBBLE,
          Stability.LOOSE,
          Stability.LEANING,
          Stability.TIPPING,
          Smell.SOUR,
          Smell.ROTTEN,
          Bubbles.NONE,
          Sinking.STANDS,
          RootsInPot.MOSTLY_SOFT,
          RootsInPot.NONE,
          MediumPiece.MUSH);

  private final Judge judge;

  public DecidingLooks(Judge judge) {
    this.judge = judge;
  }

  /**
   * One answer and what would follow.
   *
   * @param weight how much would change
   * @param awaited whether anybody expects that answer; only then is it a reason to look
   */
  private record Outcome(Answer answer, Judgement then, double weight, boolean awaited) {
    boolean matters() {
      return weight >= MATTERS;
    }
  }

  /** A look with all that may follow. */
  private record Tried(Asked asked, LookSpot spot, List<Outcome> outcomes) {
    /** How much it decides for what it takes. */
    double worth() {
      double sum = outcomes.stream().filter(Outcome::awaited).mapToDouble(Outcome::weight).sum();
      return sum / outcomes.size() / asked.effort();
    }

    boolean matters() {
      return outcomes.stream().anyMatch(outcome -> outcome.awaited() && outcome.matters());
    }
  }

  /**
   * The one or two looks that would change most; none if nothing would. Pests and rot are not among
   * them: finding them would change any verdict, and there is no doubt to settle until they are
   * seen. Where the advice itself asks for the roots, they are named first.
   */
  public List<DecidingLook> of(Situation situation, Judgement judged) {
    var possible = new Possible(situation, judged.found().rest());
    var byWorth = Comparator.comparingDouble(Tried::worth).reversed();
    return Asked.CHEAP.stream()
        .filter(asked -> possible.look(asked.item()))
        .filter(asked -> unknown(asked.item(), judged))
        .map(asked -> tried(asked, asked.item(), situation, judged))
        .filter(Tried::matters)
        .sorted(
            Comparator.comparing((Tried tried) -> !advised(tried.asked().item(), judged))
                .thenComparing(byWorth))
        .limit(MOST)
        .map(tried -> look(tried, judged))
        .toList();
  }

  /** What can be looked at without unpotting, in the order in which growers look. */
  public static List<? extends Item<?>> cheap() {
    return Asked.CHEAP.stream().map(Asked::item).toList();
  }

  /** Whether that can be looked at on this plant today. */
  public static boolean possible(Item<?> item, Situation situation, Judgement judged) {
    return new Possible(situation, judged.found().rest()).look(item);
  }

  private static boolean unknown(Item<?> item, Judgement judged) {
    return judged.looks().notLookedAt().contains(item) || judged.looks().stale().contains(item);
  }

  /** Whether there is some need, a suspicion, or a medium of which nobody knows anything. */
  private boolean doubted(Judgement judged) {
    boolean suspected =
        judged.weighed().reasons().stream()
            .anyMatch(reason -> reason.points() > 0 && reason.isMatterOf(Need.Matter.SUSPICION));
    return suspected || judged.verdict().family() != Family.LEAVE_ALONE || judge.someNeed(judged);
  }

  private static boolean advised(Item<?> item, Judgement judged) {
    return item == Items.NEW_ROOTS
        && judged.timing() instanceof Timing.Waits waits
        && waits.awaited().conditions().contains(WaitCondition.LOOK_AT_ROOTS);
  }

  private <A extends Enum<A> & Answer> Tried tried(
      Asked asked, Item<A> item, Situation situation, Judgement now) {
    var lead = item == (Item<?>) Items.NEW_ROOTS ? now.found().roots().lead() : Lead.FIRST;
    var outcomes = new ArrayList<Outcome>();
    for (var answer : item.answers()) {
      var seen = Inspection.on(situation.today()).with(item, lead, item.saw(answer));
      var then = judge.judge(situation.with(situation.history().and(seen)));
      boolean awaited = answer != Smell.ROTTEN && (doubted(now) || !ALARMS.contains(answer));
      outcomes.add(new Outcome(answer, then, Consequence.weight(now, then), awaited));
    }
    return new Tried(asked, new LookSpot(item, lead), List.copyOf(outcomes));
  }

  private static DecidingLook look(Tried tried, Judgement now) {
    var changes =
        tried.outcomes().stream()
            .filter(Outcome::matters)
            .map(
                outcome ->
                    new DecidingLook.Change(outcome.answer().words(), outcome.then().verdict()))
            .toList();
    return new DecidingLook(tried.spot(), tried.outcomes().size(), changes, words(tried, now));
  }

  /** "Look for new roots at the newest growth. If nubs, repot it; else nothing changes." */
  private static Sentence words(Tried tried, Judgement now) {
    var clauses = clauses(tried, outcome -> Consequence.deed(outcome.then()));
    if (clauses.size() == 1) {
      clauses = clauses(tried, outcome -> Consequence.words(outcome.then()));
    }
    var most = clauses.values().stream().max(Comparator.comparingInt(List::size)).orElseThrow();
    var said = say(tried.asked().words() + ". ");
    if (clauses.size() == 1) {
      return said.and(say("Whatever you see, ")).and(follows(most, now)).and(say("."));
    }
    var told =
        clauses.values().stream().filter(clause -> clause != most).limit(MOST_CLAUSES).toList();
    for (var clause : told) {
      var answers = clause.stream().map(Outcome::answer).toList();
      said =
          said.and(say("I{}, ", tried.asked().when(answers).substring(1)))
              .and(follows(clause, now))
              .and(say(told.size() > 1 ? ". " : "; else "));
    }
    var otherwise = follows(most, now).and(say("."));
    return said.and(told.size() > 1 ? say("Else ").and(otherwise) : otherwise);
  }

  private static Map<String, List<Outcome>> clauses(
      Tried tried, Function<Outcome, Sentence> follows) {
    var clauses = new LinkedHashMap<String, List<Outcome>>();
    for (var outcome : tried.outcomes()) {
      var then = outcome.matters() ? follows.apply(outcome) : STAYS;
      clauses.computeIfAbsent(then.toString(), any -> new ArrayList<>()).add(outcome);
    }
    return clauses;
  }

  /** With its day, where all answers of the clause come to the same. */
  private static Sentence follows(List<Outcome> clause, Judgement now) {
    if (!clause.get(0).matters()) {
      return Consequence.acts(now) ? say("it stays at that") : STAYS;
    }
    var days =
        clause.stream().map(outcome -> Consequence.words(outcome.then()).toString()).distinct();
    return days.count() == 1
        ? Consequence.words(clause.get(0).then())
        : Consequence.deed(clause.get(0).then());
  }
}
