package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.inspection.Bubbles;
import almanac.core.inspection.Item;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumState;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.OptionalDouble;

/** What the medium and the roots in it say. Rules: Needs. */
final class MediumNeeds {
  private MediumNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    usedLife(evidence, weighing);
    doubtful(evidence, weighing);
    if (evidence.look(Item.SMELL).saw(Smell.SOUR)) {
      weighing.need(NeedFigures.SOUR, say("The medium smells sour"));
    }
    if (evidence.look(Item.BUBBLES).saw(Bubbles.NONE)
        && !Traits.slipper(evidence.situation.profile())) {
      weighing.need(NeedFigures.NO_BUBBLES, say("No bubbles when flooded: no air is left in it"));
    }
    daysToDry(evidence, weighing);
    rootsInPot(evidence, weighing);
    if (evidence.look(Item.PESTS).saw(Pests.SPRINGTAIL)) {
      weighing.noReason("springtails", say("Springtails eat what decays and do no harm"));
    }
  }

  /** Fresh start: what growers pot in for the trade goes, unless the roots in it are excellent. */
  private static void doubtful(Evidence evidence, Weighing weighing) {
    if (evidence.approach != Approach.FRESH_START) {
      return;
    }
    var mix = evidence.situation.history().potting().mix();
    double least = of(MediumFigures.GOVERNING_SHARE, evidence) / 100;
    boolean doubtful =
        mix.share(Component.COCONUT_FIBRE) >= least
            || mix.share(Component.SPHAGNUM_BASKET) >= least
            || evidence.look(Item.PLUG).saw(Plug.SOUND);
    var roots = evidence.look(Item.ROOTS_IN_POT);
    if (doubtful && !roots.saw(RootsInPot.FIRM) && !roots.saw(RootsInPot.DARK_FIRM)) {
      weighing.need(
          NeedFigures.DOUBTFUL_MEDIUM, say("It stands in a doubtful medium and should leave it"));
    }
  }

  private static void usedLife(Evidence evidence, Weighing weighing) {
    if (evidence.used.isEmpty()) {
      weighing.against("medium.inert", say("Nothing in the medium decays: it has no clock"));
      return;
    }
    var used = evidence.used.get();
    double points = points(used.likely(), evidence);
    var sentence =
        join(
            say(
                "Medium {} used, {}: ",
                Measure.PERCENT.of(Math.round(used.likely())),
                MediumState.at(used.likely(), evidence.figures).words()),
            used.because());
    if (points > 0) {
      weighing.need(NeedFigures.MEDIUM_DUE, sentence, points);
    } else {
      weighing.against("medium.mature", sentence);
    }
  }

  /** Straight lines between the points; nothing below the mature state. */
  private static double points(double used, Evidence evidence) {
    var f = evidence.figures;
    double[][] line = {
      {f.of(MediumFigures.MATURE), 0},
      {f.of(MediumFigures.DUE), f.of(NeedFigures.MEDIUM_DUE)},
      {f.of(MediumFigures.SPENT), f.of(NeedFigures.MEDIUM_SPENT)},
      {f.of(NeedFigures.GONE_AT), f.of(NeedFigures.MEDIUM_GONE)}
    };
    if (used <= line[0][0]) {
      return 0;
    }
    for (int i = 1; i < line.length; i++) {
      if (used <= line[i][0]) {
        double along = (used - line[i - 1][0]) / (line[i][0] - line[i - 1][0]);
        return line[i - 1][1] + along * (line[i][1] - line[i - 1][1]);
      }
    }
    return line[line.length - 1][1];
  }

  private static void daysToDry(Evidence evidence, Weighing weighing) {
    var now = evidence.look(Item.DAYS_TO_DRY).measured();
    var first = firstDaysToDry(evidence);
    if (now.isEmpty() || first.isEmpty()) {
      return;
    }
    double ratio = now.getAsDouble() / first.getAsDouble();
    var sentence =
        say(
            "Takes {} to dry, at first {}",
            Measure.DAYS.of(now.getAsDouble()),
            Measure.DAYS.of(first.getAsDouble()));
    if (ratio > of(MediumFigures.SLOW_TO_DRY, evidence)) {
      weighing.need(NeedFigures.SLOW_TO_DRY, sentence);
    } else if (ratio < of(NeedFigures.FAST_RATIO, evidence) / 100) {
      weighing.need(NeedFigures.FAST_TO_DRY, sentence);
    } else if (ratio > 1) {
      weighing.noReason("slow-to-dry", say("A little slow to dry: wick it on cloth, give less"));
    } else if (ratio < 1) {
      weighing.noReason("fast-to-dry", say("A little fast to dry: water more often"));
    }
  }

  private static OptionalDouble firstDaysToDry(Evidence evidence) {
    return evidence.situation.history().inspections().stream()
        .map(inspection -> inspection.look(Item.DAYS_TO_DRY).measured())
        .filter(OptionalDouble::isPresent)
        .findFirst()
        .orElse(OptionalDouble.empty());
  }

  private static void rootsInPot(Evidence evidence, Weighing weighing) {
    evidence
        .look(Item.ROOTS_IN_POT)
        .answer()
        .ifPresent(
            roots -> {
              switch (roots) {
                case MIXED ->
                    weighing.need(
                        NeedFigures.ROOTS_MIXED, say("Roots in the pot are mixed, some soft"));
                case FIRM -> weighing.against("need.roots-mixed", say("Roots in the pot are firm"));
                case DARK_FIRM ->
                    weighing.noReason("dark-roots", say("Dark roots that are firm are alive"));
                case NONE ->
                    weighing.against(
                        "need.roots-mixed",
                        say("No roots in the pot: nothing there for the medium to harm"));
                case MOSTLY_SOFT -> {}
              }
            });
  }

  private static double of(Figure figure, Evidence evidence) {
    return evidence.figures.of(figure);
  }

  private static Sentence join(Sentence first, Sentence second) {
    var parts = new ArrayList<>(first.parts());
    parts.addAll(second.parts());
    return new Sentence(parts);
  }
}
