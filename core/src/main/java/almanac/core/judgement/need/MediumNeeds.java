package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.inspection.Bubbles;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Items;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Sinking;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.NoReason;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumState;
import almanac.core.medium.Moisture;
import almanac.core.medium.UsedLife;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.Optional;

/** What the medium and the roots in it say. Rules: Needs. */
final class MediumNeeds {
  /** A medium that is not even mature. */
  private static final Need YOUNG = new Need(MediumFigures.MATURE, Need.Matter.AGE);

  private MediumNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    usedLife(evidence, weighing);
    evidence
        .testAgain()
        .ifPresent(words -> weighing.against(NoReason.BETTER_TEST, words, Optional.empty()));
    FreshStart.weigh(evidence, weighing);
    unknownPot(evidence, weighing);
    unsuited(evidence, weighing);
    if (evidence.look(Items.SMELL).saw(Smell.SOUR)) {
      weighing.need(NeedFigures.SOUR, Items.SMELL, say("The medium smells sour"));
    }
    if (evidence.look(Items.BUBBLES).saw(Bubbles.NONE)
        && evidence.kind().of(Trait.GROUND) != Ground.SLIPPER) {
      weighing.need(
          NeedFigures.NO_BUBBLES,
          Items.BUBBLES,
          say("No bubbles when flooded: no air is left in it"));
    }
    if (evidence.look(Items.SINKING).saw(Sinking.STANDS)) {
      weighing.need(
          NeedFigures.WATER_STANDS, Items.SINKING, say("Water stands on it and does not sink"));
    }
    Salts.weigh(evidence, weighing);
    daysToDry(evidence, weighing);
    rootsInPot(evidence, weighing);
    soakWater(evidence, weighing);
    if (evidence.look(Items.PESTS).saw(Pests.SPRINGTAIL)) {
      weighing.noReason(
          NoReason.SPRINGTAILS, Items.PESTS, say("Springtails eat what decays and do no harm"));
    }
  }

  /** A new plant with growing roots, in a pot of which nobody knows anything. */
  private static void unknownPot(Evidence evidence, Weighing weighing) {
    boolean nobodyKnows = evidence.pottingUnknown() && evidence.tests().isEmpty();
    boolean grows = evidence.roots().growing() && evidence.season().open();
    if (nobodyKnows
        && grows
        && !evidence.rootless()
        && evidence.arrivedWithin(evidence.figures().of(JudgementFigures.NEW_DAYS))) {
      weighing.need(
          NeedFigures.UNKNOWN_POT,
          Items.NEW_ROOTS,
          say("It is new, nobody knows what it stands in, and its roots are growing"));
    }
  }

  /** Pure moss for an air lover that shows it, or a mix too airy for a thirsty kind. */
  private static void unsuited(Evidence evidence, Weighing weighing) {
    if (evidence.rest().keptDry()) {
      return;
    }
    var mix = evidence.situation().history().potting().mix();
    boolean airLover = evidence.kind().of(Trait.GROUND) == Ground.EPIPHYTE;
    double moss = mix.share(Component.SPHAGNUM_BEST) + mix.share(Component.SPHAGNUM_BASKET);
    var marks = evidence.fresh(Items.LEAF_MARKS);
    if (airLover
        && 100 * moss >= of(NeedFigures.PURE_MOSS, evidence)
        && (marks.saw(LeafMarks.MANY_SPOTS) || marks.saw(LeafMarks.LEAF_LOSS))) {
      weighing.need(
          NeedFigures.UNSUITED,
          Items.LEAF_MARKS,
          say("Pure moss does not suit a kind that wants air: it spots and drops leaves"));
    }
    var days = evidence.fresh(Items.DAYS_TO_DRY).measured();
    boolean thirsty = evidence.kind().of(Trait.MOISTURE).compareTo(Moisture.KEPT_MOIST) >= 0;
    if (thirsty
        && !mix.mounted()
        && days.isPresent()
        && days.getAsDouble() <= of(NeedFigures.THIRSTY_DAYS, evidence)) {
      weighing.need(
          NeedFigures.UNSUITED,
          Items.DAYS_TO_DRY,
          say(
              "Dry after {}: the mix is too airy for a kind that is kept moist",
              Measure.DAYS.of(days.getAsDouble())));
    }
  }

  private static void usedLife(Evidence evidence, Weighing weighing) {
    if (evidence.used().isEmpty()) {
      boolean mounted = evidence.situation().history().potting().mix().mounted();
      weighing.against(
          Basis.Bare.NO_CLOCK,
          mounted
              ? say("On a mount there is no medium to decay")
              : say("Nothing in the medium decays: it has no clock"),
          Optional.empty());
      return;
    }
    var used = evidence.used().get();
    double points = AgePoints.of(used.likely(), evidence.figures());
    var sentence = howFar(used, points, evidence).and(used.because());
    if (Math.round(points) > 0) {
      weighing.need(need(used.likely(), evidence), sentence, points, Optional.empty());
    } else {
      weighing.against(YOUNG, sentence, Optional.empty());
    }
  }

  /** What nobody knows is not called fresh. */
  private static Sentence howFar(UsedLife used, double points, Evidence evidence) {
    var percent = Measure.PERCENT.of(Math.round(used.likely()));
    if (used.known()) {
      return say(
          "Medium {} used, {}: ",
          percent,
          MediumState.at(used.likely(), evidence.figures()).words());
    }
    return points > 0
        ? say("Medium at least {} used: ", percent)
        : say("Nobody knows how far its medium is used: ");
  }

  /** The need that the points run up to. */
  private static Need need(double used, Evidence evidence) {
    if (used <= of(MediumFigures.DUE, evidence)) {
      return NeedFigures.MEDIUM_DUE;
    }
    return used <= of(MediumFigures.SPENT, evidence)
        ? NeedFigures.MEDIUM_SPENT
        : NeedFigures.MEDIUM_GONE;
  }

  private static void daysToDry(Evidence evidence, Weighing weighing) {
    if (evidence.rest().keptDry() || evidence.drying().isEmpty()) {
      return;
    }
    var drying = evidence.drying().get();
    var sentence =
        say(
            "Takes about {} to dry, before in this season {}",
            Measure.DAYS.of(Math.round(drying.now())),
            Measure.DAYS.of(Math.round(drying.before())));
    if (drying.ratio() > of(MediumFigures.SLOW_TO_DRY, evidence)) {
      weighing.need(NeedFigures.SLOW_TO_DRY, Items.DAYS_TO_DRY, sentence);
    } else if (!evidence.stale(Items.DAYS_TO_DRY)) {
      driesInThisWeather(evidence, weighing, drying.ratio(), sentence);
    }
  }

  /** A decayed medium stays slow; the rest comes and goes with the weather. */
  private static void driesInThisWeather(
      Evidence evidence, Weighing weighing, double ratio, Sentence sentence) {
    double little = of(NeedFigures.LITTLE, evidence) / 100;
    if (ratio < of(NeedFigures.FAST_RATIO, evidence) / 100) {
      weighing.need(NeedFigures.FAST_TO_DRY, Items.DAYS_TO_DRY, sentence);
    } else if (ratio >= 1 + little) {
      weighing.noReason(
          NoReason.SLOW_TO_DRY, Items.DAYS_TO_DRY, say("A little slow to dry is no reason"));
      weighing.careTillMoved(Fix.WICK, say("Wick the pot on absorbent cloth and give less"));
    } else if (ratio <= 1 - little) {
      weighing.noReason(
          NoReason.FAST_TO_DRY, Items.DAYS_TO_DRY, say("A little fast to dry is no reason"));
      if (evidence.season().open()) {
        weighing.careTillMoved(Fix.WATER_MORE, say("Water it more often"));
      }
    }
  }

  private static void soakWater(Evidence evidence, Weighing weighing) {
    var ph = evidence.fresh(Items.SOAK_PH).measured();
    if (ph.isPresent() && ph.getAsDouble() < of(NeedFigures.SOUR_SOAK, evidence)) {
      weighing.careTillMoved(
          Fix.FLUSH_SOUR,
          say(
              "Soak water {}: flush it, and make the feed up a little over neutral",
              Measure.PH.of(ph.getAsDouble())));
    }
  }

  private static void rootsInPot(Evidence evidence, Weighing weighing) {
    evidence
        .look(Items.ROOTS_IN_POT)
        .answer()
        .ifPresent(
            roots -> {
              switch (roots) {
                case MIXED -> {
                  if (!Hazards.settling(evidence)) {
                    weighing.need(
                        NeedFigures.ROOTS_MIXED,
                        Items.ROOTS_IN_POT,
                        say("Roots in the pot are mixed, some soft"));
                  }
                }
                case FIRM ->
                    weighing.reassured(
                        NeedFigures.ROOTS_MIXED,
                        Items.ROOTS_IN_POT,
                        say("Roots in the pot are firm"));
                case DARK_FIRM ->
                    weighing.noReason(
                        NoReason.DARK_ROOTS,
                        Items.ROOTS_IN_POT,
                        say("Dark roots that are firm are alive"));
                case DRIED_SOME ->
                    weighing.noReason(
                        NoReason.DRIED_ROOTS,
                        Items.ROOTS_IN_POT,
                        say("A few roots dead from one past drought are no reason"));
                case NONE ->
                    weighing.against(
                        NeedFigures.ROOTS_MIXED,
                        Items.ROOTS_IN_POT,
                        say("No roots in the pot: nothing there for the medium to harm"));
                case MOSTLY_SOFT -> {}
              }
            });
  }

  private static double of(Figure figure, Evidence evidence) {
    return evidence.figures().of(figure);
  }
}
