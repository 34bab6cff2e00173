package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Items;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.List;

/** A verdict in a sentence: when, and what it means. */
final class Advice {
  private final Evidence evidence;
  private final Method method;
  private final double need;

  private Advice(Evidence evidence, Method method, double need) {
    this.evidence = evidence;
    this.method = method;
    this.need = need;
  }

  static Sentence of(
      Verdict verdict, Method method, Timing timing, Evidence evidence, double need) {
    var advice = new Advice(evidence, method, need);
    return switch (verdict) {
      case LEAVE ->
          advice.movedToday()
              ? say("It was moved today: let it root. The first looks at it are booked.")
              : say("Nothing to gain from a move now.");
      case WATCH ->
          advice.movedToday()
              ? say("It was moved today: let it root. The first looks at it are booked.")
              : advice.watch();
      case ADJUST_CARE -> say("No move; put right what is named below.");
      case LIFT_AND_LOOK ->
          say(
              "By {}: tip it out and look at the roots; put it back if they are well.",
              ((Timing.Until) timing).until());
      case RESCUE ->
          method.keepsMedium() && !method.steps().contains(Step.PLUG_OUT)
              ? say("Cut today, whatever the bloom or season.")
              : say(
                  "Out of the pot today, whatever the bloom or season. A plant keeps roots, not"
                      + " flowers.");
      case WAIT_FOR -> advice.wait(((Timing.Waits) timing).awaited());
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE -> advice.move(timing);
      case LET_GO -> throw new IllegalStateException("Letting go has its own words");
    };
  }

  private boolean movedToday() {
    return evidence.daysSinceMove().orElse(1) == 0;
  }

  private Sentence watch() {
    if (need >= evidence.figures().of(JudgementFigures.LEAVE_BELOW)) {
      if (!evidence.season().open()) {
        return outOfSeason();
      }
      return evidence.undecidedRoots()
          ? say("There is some need. A look at the newest roots decides whether now is the moment.")
          : say("There is some need, but not enough to move it at a poor moment.");
    }
    if (Soon.nobodyKnowsItsMedium(evidence)) {
      return say("Leave it for now, but nobody knows how old its medium is: feel a piece.");
    }
    if (Soon.mediumTurnsDue(evidence)) {
      return say("Leave it for now; its medium turns due soon.");
    }
    if (Soon.nubsEnd(evidence).isPresent()) {
      return say("Leave it for now; its nubs will soon be too long to move it well.");
    }
    if (evidence.look(Items.CROWDING).saw(RootsCrowding.OUT_OF_HOLES)) {
      return say("Leave it for now; its roots leave the pot, and it will want moving up soon.");
    }
    return evidence.rim().isEmpty()
        ? Soon.longRootsOpen(evidence)
            .map(day -> say("Leave it for now; its roots will take a move from about {}.", day))
            .orElseGet(() -> say("Leave it for now; look again."))
        : say("Leave it for now; it will want more room within the season.");
  }

  /** What can wait, waits; the day is named. */
  private Sentence outOfSeason() {
    return evidence
        .gateOpens()
        .map(
            day ->
                say(
                    "There is some need, but it can wait: light and warmth carry a move again"
                        + " from about {}.",
                    day))
        .orElseGet(() -> say("There is some need, but this place carries no move."));
  }

  private Sentence wait(Wait wait) {
    if (wait.conditions().equals(List.of(WaitCondition.LOOK_AT_ROOTS))) {
      return say(
          "It wants a move. Look at the newest roots first: they decide between now and later.");
    }
    if (wait.conditions().contains(WaitCondition.OWN_ROOTS)) {
      return say("It came without roots: leave it a season more, in the smallest pot that stands.");
    }
    if (wait.conditions().contains(WaitCondition.BETTER_PLACE)) {
      return say("It wants a move, but no day of the year carries one in this place.");
    }
    return wait.likely().isAfter(evidence.today())
        ? say("It wants a move, but wait for {}: about {}.", wait.words(), wait.likely())
        : say("It wants a move, but wait for {}.", wait.words());
  }

  private Sentence move(Timing timing) {
    if (timing instanceof Timing.Now) {
      return say(
          "It cannot wait: the new growth is jammed and begins to deform. Move it now, by the"
              + " ordinary method.");
    }
    if (timing instanceof Timing.Between between && !evidence.season().open()) {
      return say("With the ball whole it takes a move at any time: until {}.", between.until());
    }
    if (timing instanceof Timing.Between between) {
      return whileNubs(between.until())
          ? say(
              "A good moment, not a must: until {}, while the new roots are nubs.", between.until())
          : say("A good moment, not a must: until {}.", between.until());
    }
    var until = ((Timing.Until) timing).until();
    if (method.intact() && !evidence.season().open()) {
      return say("With the ball whole it takes a move at any time: by {}.", until);
    }
    if (evidence.leavesADoubtfulMedium() && !evidence.season().open()) {
      return say("By {}, out of its doubtful medium, though this is a poor moment.", until);
    }
    if (poorMoment()) {
      return say("It cannot stay, though this is a poor moment: expect it to sulk. By {}.", until);
    }
    return whileNubs(until)
        ? say("Best by {}, while the new roots are nubs.", until)
        : say("By {}; it will take the move.", until);
  }

  private boolean poorMoment() {
    return !method.intact()
        && !evidence.leavesADoubtfulMedium()
        && (!evidence.season().open()
            || new Ripeness(evidence, method).least()
                < evidence.figures().of(JudgementFigures.READY_ENOUGH));
  }

  private boolean whileNubs(LocalDate until) {
    return Soon.nubsEnd(evidence).filter(until::equals).isPresent();
  }
}
