package almanac.core.judgement.need;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Aim;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Fix;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.GrowthTrend;
import almanac.core.inspection.InspectionFigures;
import almanac.core.inspection.Items;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Look;
import almanac.core.inspection.Parts;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.inspection.SurfaceRoots;
import almanac.core.inspection.Tag;
import almanac.core.inspection.Wetness;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.NoReason;
import almanac.core.kinds.Ground;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootStage;
import almanac.core.words.Measure;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** What the plant above the medium says. Rules: Needs, and reasons that are none. */
final class PlantNeeds {
  private PlantNeeds() {}

  static void weigh(Evidence evidence, Weighing weighing) {
    stability(evidence, weighing);
    level(evidence, weighing);
    surface(evidence, weighing);
    size(evidence, weighing);
    spike(evidence, weighing);
    water(evidence, weighing);
    marks(evidence, weighing);
    startOfGrowth(evidence, weighing);
    wantedDivided(evidence, weighing);
    tag(evidence, weighing);
  }

  private static void stability(Evidence evidence, Weighing weighing) {
    evidence
        .look(Items.STABILITY)
        .answer()
        .ifPresent(
            stands -> {
              switch (stands) {
                case FIRM ->
                    weighing.reassured(NeedFigures.LOOSE, Items.STABILITY, say("It stands firm"));
                case SLIGHT_WOBBLE -> {
                  weighing.need(NeedFigures.WOBBLE, Items.STABILITY, say("It wobbles a little"));
                  stake(weighing);
                }
                case LOOSE -> {
                  weighing.need(
                      NeedFigures.LOOSE, Items.STABILITY, say("It sits loose in the pot"));
                  stake(weighing);
                }
                case LEANING, TIPPING -> {
                  weighing.need(
                      NeedFigures.LEANING,
                      Items.STABILITY,
                      say(
                          stands == Stability.LEANING
                              ? "It leans, and breaks its new roots as it moves"
                              : "It tips out of the pot"));
                  stake(weighing);
                }
              }
            });
  }

  private static void stake(Weighing weighing) {
    weighing.careTillMoved(Fix.STAKE, say("Stake it so that its new roots are not rubbed"));
  }

  private static void level(Evidence evidence, Weighing weighing) {
    var look = evidence.look(Items.LEVEL);
    if (look.saw(SurfaceLevel.SUNK) || look.saw(SurfaceLevel.RISEN)) {
      weighing.careTillMoved(Fix.TOP_UP, say("Top the medium up round the base"));
    }
    if (!look.saw(SurfaceLevel.RISEN)) {
      return;
    }
    var risen = look.measured();
    double times = evidence.kind().of(Trait.GROUND) == Ground.SLIPPER ? 2 : 1;
    if (risen.isEmpty()) {
      weighing.need(NeedFigures.RISEN, Items.LEVEL, say("The plant has risen above the medium"));
      return;
    }
    double mm = risen.getAsDouble();
    var sentence = say("The plant has risen {} above the medium", Measure.MM.of(mm));
    if (mm * times >= evidence.figures().of(NeedFigures.RISEN_HIGH_MM)) {
      weighing.need(NeedFigures.RISEN_HIGH, Items.LEVEL, sentence);
    } else if (mm * times >= evidence.figures().of(NeedFigures.RISEN_MM)) {
      weighing.need(NeedFigures.RISEN, Items.LEVEL, sentence);
    }
  }

  private static void surface(Evidence evidence, Weighing weighing) {
    var roots = evidence.look(Items.SURFACE_ROOTS);
    if (roots.saw(SurfaceRoots.IN_AIR)) {
      weighing.need(
          NeedFigures.ROOTS_IN_AIR,
          Items.SURFACE_ROOTS,
          say("New roots dry in the air before they reach the medium"));
      weighing.careTillMoved(
          Fix.COVER_ROOTS, say("Lay moss over the bare roots, or lead them down into the medium"));
    }
    if (roots.saw(SurfaceRoots.SHEATH_IN_WAY)) {
      weighing.careTillMoved(
          Fix.SLIT_SHEATH, say("Slit or take off the sheath that keeps a root from the medium"));
    }
    var surface = evidence.look(Items.SURFACE);
    if (surface.saw(Surface.WEEDS) || surface.saw(Surface.MOSS)) {
      weighing.need(NeedFigures.WEEDS, Items.SURFACE, say("Weeds or moss grow in the medium"));
    }
    var now = evidence.fresh(Items.SURFACE);
    if (now.saw(Surface.ALGAE) || now.saw(Surface.MOULD)) {
      weighing.careTillMoved(Fix.AIR, say("Let more air to the surface and water less often"));
    }
  }

  private static void size(Evidence evidence, Weighing weighing) {
    var newest = evidence.look(Items.NEWEST_SIZE).measured();
    var former = evidence.look(Items.FORMER_SIZE).measured();
    var trend = evidence.look(Items.GROWTH_TREND);
    if (trend.saw(GrowthTrend.SMALLER_TWICE)) {
      weighing.need(
          NeedFigures.SMALLER_TWICE, Items.GROWTH_TREND, say("Two growths in a row came smaller"));
    } else if (newest.isPresent() && former.isPresent()) {
      double percent = 100 * newest.getAsDouble() / former.getAsDouble();
      var sentence =
          say(
              "The newest growth has {} of the size of the last",
              Measure.PERCENT.of(Math.round(percent)));
      if (percent <= evidence.figures().of(NeedFigures.SMALLER_RATIO)) {
        weighing.need(NeedFigures.SMALLER, Items.NEWEST_SIZE, sentence);
      } else {
        weighing.against(NeedFigures.SMALLER, Items.NEWEST_SIZE, sentence);
      }
    } else if (trend.saw(GrowthTrend.SMALLER)) {
      weighing.need(
          NeedFigures.SMALLER,
          Items.GROWTH_TREND,
          say("The newest growth came smaller than the last"));
    }
  }

  /** What its water says, if the medium was felt about when the thirst was seen. */
  private static void water(Evidence evidence, Weighing weighing) {
    var thirst = evidence.thirstySince();
    var wet = evidence.look(Items.WETNESS);
    if (thirst.isEmpty() || !together(thirst.get(), wet, evidence)) {
      return;
    }
    if (wet.saw(Wetness.WET) || wet.saw(Wetness.MOIST)) {
      weighing.need(
          NeedFigures.DRY_IN_WET,
          Items.WETNESS,
          say(
              "Wrinkled although the medium is {}: the roots do not drink",
              wet.saw(Wetness.WET) ? Wetness.WET.words() : Wetness.MOIST.words()));
      weighing.careTillMoved(Fix.CUP, say("Cup the pot for humidity until new roots drink"));
    } else if (wet.saw(Wetness.DRY)) {
      dry(evidence, weighing);
    }
  }

  /** Thirst in a dry medium is a matter of the can. */
  private static void dry(Evidence evidence, Weighing weighing) {
    if (evidence.situation().history().potting().mix().mounted()) {
      weighing.noReason(
          NoReason.MOUNT, Items.WETNESS, say("A mount dries fast; tearing it off costs the roots"));
      weighing.careTillMoved(Fix.MOSS_ON_MOUNT, say("Lay moss over the roots on the mount"));
    } else {
      weighing.noReason(NoReason.DRY, Items.WETNESS, say("Wrinkled in a dry medium is no reason"));
      weighing.careTillMoved(
          Fix.WATER, say("Water it; where it stands in a reservoir, fill that higher"));
    }
  }

  /** Roots and flowers are too much for a plant that wilts after a move. */
  private static void spike(Evidence evidence, Weighing weighing) {
    if (evidence.wiltsAfterAMove() && evidence.bloom().filter(Bloom::inFlower).isPresent()) {
      weighing.care(
          Fix.CUT_SPIKE,
          say("It wilts after its move: cut the spike, and keep it shaded and humid"));
    }
  }

  private static boolean together(LocalDate day, Look<?> look, Evidence evidence) {
    double most = evidence.figures().of(InspectionFigures.WETNESS);
    return look.seen()
        .filter(seen -> Math.abs(ChronoUnit.DAYS.between(seen.on(), day)) <= most)
        .isPresent();
  }

  private static void marks(Evidence evidence, Weighing weighing) {
    var marks = evidence.fresh(Items.LEAF_MARKS);
    if (marks.saw(LeafMarks.TIP_BURN)) {
      weighing.noReason(NoReason.TIP_BURN, Items.LEAF_MARKS, say("Burnt leaf tips are no reason"));
      weighing.careTillMoved(Fix.FLUSH, say("Flush the pot and halve the feed"));
    }
    if (marks.saw(LeafMarks.SPOTS)) {
      weighing.noReason(
          NoReason.SPOTS, Items.LEAF_MARKS, say("A few spots on old leaves are no reason"));
    }
    if (marks.saw(LeafMarks.OLDEST_DROPPING)) {
      weighing.noReason(
          NoReason.OLD_LEAVES,
          Items.LEAF_MARKS,
          say("The oldest bulb drops its leaves in its time"));
    }
  }

  private static void startOfGrowth(Evidence evidence, Weighing weighing) {
    if (evidence.kind().of(Trait.READY_RULE) != ReadyRule.START_OF_GROWTH) {
      return;
    }
    var growth = evidence.fresh(Items.GROWTH);
    boolean starts = growth.saw(GrowthStage.EYE_SWELLING) || growth.saw(GrowthStage.STARTING);
    boolean movedForIt =
        evidence.daysSinceMove().isPresent()
            && evidence.daysSinceMove().getAsLong()
                <= evidence.figures().of(NeedFigures.THIS_YEAR_DAYS);
    if (starts && !movedForIt && !evidence.rootsPastTheStart()) {
      weighing.need(
          NeedFigures.START_OF_GROWTH,
          Items.GROWTH,
          say("Its growth starts, and it is moved every year then"));
    }
  }

  /** Who wants it divided divides it when its parts are sound and its roots are ready. */
  private static void wantedDivided(Evidence evidence, Weighing weighing) {
    boolean nubs =
        evidence.stage().filter(RootStage.NUB::equals).isPresent()
            || evidence.stage().filter(RootStage.SWELLING::equals).isPresent();
    if (evidence.situation().aim() == Aim.DIVIDE
        && evidence.look(Items.PARTS).saw(Parts.TWO_SOUND)
        && nubs) {
      weighing.need(
          NeedFigures.WANTED_DIVIDED,
          Items.PARTS,
          say("It is to be divided, its parts are sound, and new roots are just coming"));
    }
  }

  private static void tag(Evidence evidence, Weighing weighing) {
    var tag = evidence.look(Items.TAG);
    if (tag.saw(Tag.MISSING)) {
      weighing.remark(
          Fix.TAG, say("Its tag is missing: write a new one while you know which plant it is"));
    } else if (tag.saw(Tag.UNREADABLE)) {
      weighing.remark(Fix.TAG, say("Its tag cannot be read: write it anew"));
    }
  }
}
