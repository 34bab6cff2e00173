package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Items;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.readiness.Ripeness;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.UsedLife;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import almanac.core.words.Sentence.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** A verdict in a sentence: when, and what it means. */
final class Advice {
  private static final double STEP = 5;

  private final Evidence evidence;
  private final Method method;
  private final double need;
  private final Ahead ahead;

  private Advice(Evidence evidence, Method method, double need, Ahead ahead) {
    this.evidence = evidence;
    this.method = method;
    this.need = need;
    this.ahead = ahead;
  }

  static Sentence of(
      Verdict verdict, Method method, Timing timing, Evidence evidence, double need, Ahead ahead) {
    var advice = new Advice(evidence, method, need, ahead);
    return switch (verdict) {
      case LEAVE ->
          advice.movedToday()
              ? say("It was moved today: let it root. The first looks at it are booked.")
              : with(say("Nothing to gain from a move now."), advice.nextMove());
      case WATCH ->
          advice.movedToday()
              ? say("It was moved today: let it root. The first looks at it are booked.")
              : advice.watch();
      case ADJUST_CARE -> say("No move; put right what is named below.");
      case LIFT_AND_LOOK -> advice.lift(((Timing.Until) timing).until());
      case RESCUE ->
          method.steps().contains(Step.DRY_CROWN) && method.keepsMedium()
              ? say("Dry its crown today. A side shoot from its base is its last chance.")
              : method.keepsMedium() && !method.steps().contains(Step.PLUG_OUT)
                  ? say("Cut today, whatever the bloom or season.")
                  : say(
                      "Out of the pot today, whatever the bloom or season. A plant keeps roots, not"
                          + " flowers.");
      case WAIT_FOR -> advice.wait(((Timing.Waits) timing).awaited());
      case MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE ->
          with(advice.move(timing), advice.last(timing).flatMap(advice::whyNow));
      case LET_GO -> throw new IllegalStateException("Letting go has its own words");
    };
  }

  private Sentence lift(LocalDate until) {
    return until.isBefore(evidence.today())
        ? say("It should have been tipped out by {}: look at its roots as soon as you can.", until)
        : say("By {}: tip it out and look at the roots; put it back if they are well.", until);
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
    if (wait.conditions().equals(List.of(WaitCondition.LAST_DAY))) {
      return say(
          "No good moment comes in time: by {} at the latest, sooner if nubs show before.",
          wait.likely());
    }
    return with(about(wait), inTime(wait));
  }

  private static Sentence with(Sentence first, Optional<Sentence> more) {
    return more.map(first::and).orElse(first);
  }

  private static Sentence about(Wait wait) {
    return wait.earliest().equals(wait.latest())
        ? say("Wait for {}, about {}.", wait.words(), wait.likely())
        : say("Wait for {}, about {} to {}.", wait.words(), wait.earliest(), wait.latest());
  }

  /** Why that is not too late. */
  private Optional<Sentence> inTime(Wait wait) {
    return ahead
        .deadline()
        .filter(day -> !day.isBefore(wait.likely()))
        .flatMap(day -> used(wait.likely()))
        .map(percent -> say(" That is in time: its medium will be about {} used.", percent));
  }

  /** How far the medium will be, to the nearest twentieth. */
  private Optional<Quantity> used(LocalDate day) {
    return evidence
        .used()
        .filter(UsedLife::known)
        .map(used -> used.likely() + evidence.clock().usedBetween(evidence.today(), day))
        .map(percent -> Measure.PERCENT.of(STEP * Math.round(percent / STEP)));
  }

  private Optional<LocalDate> last(Timing timing) {
    return timing instanceof Timing.Now ? Optional.empty() : ahead.nextMove().map(Wait::latest);
  }

  /** What it would be like at the next moment that is as good, if that is too late. */
  private Optional<Sentence> whyNow(LocalDate last) {
    var now = ahead.moments().get(0);
    double spent = evidence.figures().of(MediumFigures.SPENT);
    var gap = last.plusDays(evidence.figures().count(MomentFigures.SHORT_WAIT));
    return ahead.moments().stream()
        .skip(1)
        .filter(then -> then.open() && then.likely().isAfter(gap))
        .filter(then -> then.readiness() >= now.readiness())
        .filter(then -> now.readiness() >= evidence.figures().of(JudgementFigures.GOOD_MOMENT))
        .findFirst()
        .flatMap(
            then ->
                used(then.likely())
                    .filter(percent -> percent.value() > spent)
                    .map(
                        percent ->
                            say(
                                " The next moment as good is about {}, with its medium {} used.",
                                then.likely(),
                                percent)));
  }

  /** When it is likely to be moved, where nothing asks for it now. */
  private Optional<Sentence> nextMove() {
    return ahead
        .nextMove()
        .map(wait -> say(" Next move about {}, when {}.", wait.likely(), wait.comes()));
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
    if (until.isBefore(evidence.today())) {
      return say(
          "{} late: it should have been moved by {}. Move it as soon as you can.",
          Measure.DAYS.of(ChronoUnit.DAYS.between(until, evidence.today())),
          until);
    }
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
            || new Ripeness(evidence, method.intact()).least()
                < evidence.figures().of(JudgementFigures.READY_ENOUGH));
  }

  private boolean whileNubs(LocalDate until) {
    return When.asNubs(evidence).filter(until::equals).isPresent();
  }
}
