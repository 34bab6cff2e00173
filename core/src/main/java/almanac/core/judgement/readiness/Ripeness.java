package almanac.core.judgement.readiness;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.SeenAt;
import almanac.core.kinds.ReadyRule;
import almanac.core.roots.RootStage;
import java.util.Optional;

/**
 * How ready a plant is for one method: an intact move is barely a disturbance, and who strips soon
 * counts what is lacking half. Rules: Readiness.
 */
public final class Ripeness {
  private final Evidence evidence;
  private final boolean intact;
  private final Figures figures;

  /**
   * @param intact whether the ball would stay whole
   */
  public Ripeness(Evidence evidence, boolean intact) {
    this.evidence = evidence;
    this.intact = intact;
    this.figures = evidence.figures();
  }

  /** As the plant stands today. */
  public Readiness today() {
    var footing = Footing.of(evidence);
    var whole = intact ? footing.wholeBall() : footing;
    var words = new RootWords(evidence.roots(), evidence.today(), evidence.guessedRoots());
    return adjusted(Readiness.of(whole, restsOn(), words, figures), whole);
  }

  /** The worst case of today, without saying why. */
  public double least() {
    return leastOf(Footing.of(evidence));
  }

  /** How ready it would be in the worst case, 0 to 100, without saying why. */
  public double leastOf(Footing footing) {
    var whole = intact ? footing.wholeBall() : footing;
    double least = Readiness.leastOf(whole, figures);
    if (evidence.approach() == Approach.FRESH_START) {
      least = 100 - (100 - least) * freshStart();
    }
    return barelyDisturbed(whole)
        ? Math.max(least, figures.of(ReadinessFigures.INTACT_MOVE))
        : least;
  }

  private Readiness adjusted(Readiness readiness, Footing footing) {
    var adjusted =
        evidence.approach() == Approach.FRESH_START ? readiness.lacking(freshStart()) : readiness;
    double floor = figures.of(ReadinessFigures.INTACT_MOVE);
    if (!barelyDisturbed(footing) || adjusted.least() >= floor) {
      return adjusted;
    }
    return adjusted
        .atLeast(floor)
        .because(
            new Reason(
                new Basis.Base(ReadinessFigures.INTACT_MOVE),
                Reason.Side.FOR,
                say("With its ball whole a move barely disturbs it"),
                floor,
                Optional.empty()));
  }

  private double freshStart() {
    return figures.of(ReadinessFigures.FRESH_START_LACK) / 100;
  }

  /** An intact move asks only that the season holds or the plant is rooting. */
  private boolean barelyDisturbed(Footing footing) {
    return intact
        && (evidence.approach() == Approach.UNDISTURBED_ROOTS
            || footing.season().open() && !footing.season().resting()
            || footing.roots().stage().filter(stage -> stage != RootStage.NONE).isPresent());
  }

  private Optional<SeenAt> restsOn() {
    return evidence.rule() == ReadyRule.START_OF_GROWTH
        ? evidence.seenAt(Items.GROWTH, Lead.FIRST)
        : evidence.seenAt(Items.NEW_ROOTS, evidence.roots().lead());
  }
}
