package almanac.app.start.demo;

import static almanac.core.medium.Component.BARK_FINE;
import static almanac.core.medium.Component.BARK_MEDIUM;
import static almanac.core.medium.Component.PERLITE;
import static almanac.core.medium.Component.SPHAGNUM_BEST;

import almanac.app.errands.bench.JobTold;
import almanac.core.bench.Task;
import almanac.core.checks.CheckAnswer;
import almanac.core.history.Happening;
import almanac.core.history.Way;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Items;
import almanac.core.inspection.Parts;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.pot.Spot;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.roots.RootStage;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What was seen and done up to the middle of May, where it leads to a verdict. */
final class DemoTold {
  private static final double RHIZOME_STEP_MM = 20;

  private final Map<String, DemoPlant> plants;
  private final LocalDate today;
  private final LocalDate spring;

  /**
   * @param plants by their labels
   */
  DemoTold(Map<String, DemoPlant> plants, LocalDate today) {
    this.plants = plants;
    this.today = today;
    this.spring = spring(today);
  }

  /** The last fifteenth of May. */
  static LocalDate spring(LocalDate today) {
    var may = LocalDate.of(today.getYear(), Month.MAY, 15);
    return may.isAfter(today) ? may.minusYears(1) : may;
  }

  void all() {
    lowStage();
    highStage();
    eastSill();
    cellarShelf();
  }

  private DemoPlant plant(String label) {
    return Objects.requireNonNull(plants.get(label), label).told(spring);
  }

  private void lowStage() {
    plant("Brassia Lock Keeper")
        .look(3, look -> look.roots(RootStage.SWELLING).piece(MediumPiece.KEEPS_SHAPE))
        .look(
            0,
            look ->
                look.roots(6)
                    .bloom(Bloom.SPIKE)
                    .stands(Stability.FIRM)
                    .measured(Items.RIM, -8)
                    .saw(Items.SMELL, Smell.WOODY))
        .picture(3, 0, 0)
        .picture(0, 6, 0);
    plant("Oncidium Slow Barge")
        .look(30, look -> look.roots(RootStage.ANCHORED).piece(MediumPiece.TEARS))
        .look(2, look -> look.roots(34).bloom(Bloom.NONE).inPot(RootsInPot.MIXED));
    plant("Encyclia Cordwain")
        .look(12, look -> look.roots(RootStage.SWELLING).piece(MediumPiece.DENTS))
        .look(
            2,
            look ->
                look.roots(9)
                    .inPot(RootsInPot.FIRM)
                    .saw(Items.PARTS, Parts.BARE_MIDDLE)
                    .bloom(Bloom.NONE));
    plant("Oncidium Broken Paddle")
        .look(3, look -> look.saw(Items.ROT, Rot.WILT_THROUGH).inPot(RootsInPot.MIXED));
    plant("Zygopetalum Mill Race")
        .look(40, look -> look.roots(RootStage.NONE).stands(Stability.FIRM).bloom(Bloom.OPEN))
        .look(9, look -> look.bloom(Bloom.FADING).piece(MediumPiece.KEEPS_SHAPE));
    parted();
    plant("Miltoniopsis Ferry Rain")
        .look(
            1,
            look -> look.inPot(RootsInPot.MOSTLY_SOFT).piece(MediumPiece.MUSH).bloom(Bloom.BUDS));
  }

  /** Three fronts that had grown away from a bare middle. */
  private void parted() {
    var mother = plant("Brassia Balance Beam");
    mother
        .parted(
            112,
            new Mix(Map.of(BARK_MEDIUM, 3.0, PERLITE, 1.0)),
            new Happening.Worked(
                RootTally.EMPTY
                    .and(RootFate.FIRM_KEPT, 26)
                    .and(RootFate.CUT_BACK, 3)
                    .and(RootFate.SOFT, 11)
                    .and(RootFate.NEW_KEPT, 9),
                70,
                "fell into three by itself, hardly a cut",
                "the middle was bare and rotten",
                Way.OPENED),
            front("A", 4),
            List.of(front("B", 3), front("C", 3)))
        .pictured(112, "At the bench: part it", 6)
        .lookedAfter();
    mother.daughters().forEach(DemoPlant::lookedAfter);
  }

  /** One front: growths in a row, the newest leading. */
  private static RhizomeMap front(String lead, int growths) {
    var all = new ArrayList<MapGrowth>();
    var joints = new ArrayList<Joint>();
    for (int i = 0; i < growths; i++) {
      boolean leads = i == growths - 1;
      all.add(
          new MapGrowth(
              "%s %d".formatted(lead, i + 1),
              Firmness.FIRM,
              leads ? 2 : 3,
              leads,
              leads ? Front.LEAD : Front.SPENT,
              new Spot(0, RHIZOME_STEP_MM * (i - growths / 2.0)),
              null));
      if (i > 0) {
        joints.add(new Joint(all.get(i - 1).name(), all.get(i).name(), false));
      }
    }
    return new RhizomeMap(all, joints);
  }

  private void highStage() {
    plant("Cattleya Weir Song")
        .look(21, look -> look.roots(24).piece(MediumPiece.TEARS).stands(Stability.FIRM))
        .look(5, look -> look.roots(55).bloom(Bloom.NONE).inPot(RootsInPot.MIXED))
        .picture(21, 24, 0)
        .picture(5, 55, 0);
    plant("Cattleya Copper Bell")
        .look(
            18,
            look -> look.piece(MediumPiece.KEEPS_SHAPE).bloom(Bloom.SPIKE).stands(Stability.LOOSE));
    plant("Dendrobium Halyard")
        .look(
            15,
            look ->
                look.inPot(RootsInPot.FIRM).saw(Items.LEVEL, SurfaceLevel.SUNK).bloom(Bloom.NONE))
        .look(15, look -> look.roots(RootStage.NONE));
    plant("Vanda Blue Gate")
        .look(8, look -> look.roots(70).bloom(Bloom.OPEN).stands(Stability.FIRM))
        .picture(8, 70, 3);
    plant("Catasetum Old Winch")
        .worked(
            34,
            Mix.of(SPHAGNUM_BEST).and(PERLITE, 1),
            new Happening.Worked(
                RootTally.EMPTY
                    .and(RootFate.FIRM_KEPT, 14)
                    .and(RootFate.TIP_BROKEN, 2)
                    .and(RootFate.HOLLOW, 9),
                25,
                "old roots came off by themselves",
                "",
                Way.OPENED))
        .answer(26, CheckAnswer.AS_HOPED)
        .look(4, look -> look.roots(RootStage.SHORT).stands(Stability.FIRM));
  }

  private void eastSill() {
    plant("Phalaenopsis Tallow Light")
        .look(6, look -> look.bloom(Bloom.OPEN).stands(Stability.SLIGHT_WOBBLE))
        .look(1, look -> look.inPot(RootsInPot.MIXED).piece(MediumPiece.MUSH));
    plant("Phalaenopsis Nine Arches")
        .look(10, look -> look.roots(RootStage.NUB).bloom(Bloom.FINISHED).piece(MediumPiece.TEARS));
    plant("Phalaenopsis Small Lantern")
        .look(25, look -> look.roots(12).bloom(Bloom.BUDS).inPot(RootsInPot.FIRM));
    plant("Coelogyne Towpath")
        .told(today)
        .look(20, look -> look.stands(Stability.FIRM).bloom(Bloom.NONE));
  }

  /** All is done up to the fill, and the roots are counted. */
  static JobTold atTheFill() {
    return JobTold.at(
        Task.FILL,
        new RootTally(
            Map.of(
                RootFate.FIRM_KEPT, 5,
                RootFate.TIP_BROKEN, 1,
                RootFate.SOFT, 7,
                RootFate.HOLLOW, 3),
            false),
        Mix.of(BARK_FINE).and(PERLITE, 1));
  }

  private void cellarShelf() {
    plant("Paphiopedilum Quiet Sluice")
        .look(11, look -> look.roots(RootStage.ANCHORED).stands(Stability.LOOSE).bloom(Bloom.NONE));
    plant("Phragmipedium Wet Stair")
        .look(28, look -> look.measured(Items.RIM, -4).bloom(Bloom.OPEN).roots(RootStage.ANCHORED));
    plant("Masdevallia Night Ferry")
        .worked(
            95,
            Mix.of(SPHAGNUM_BEST).and(PERLITE, 0.5),
            new Happening.Worked(
                RootTally.EMPTY.andAbout(100, RootFate.TIP_BROKEN, 1, RootFate.FIRM_KEPT),
                35,
                "soaked overnight, the moss slid off",
                "some fine roots tore at the wall",
                Way.OPENED))
        .pictured(95, "At the bench: photograph it", 4)
        .answer(87, CheckAnswer.AS_HOPED)
        .answer(64, CheckAnswer.AS_HOPED)
        .look(12, look -> look.roots(RootStage.LONG).inPot(RootsInPot.FIRM));
    plant("Maxillaria Rope Ladder")
        .worked(
            120,
            Mix.of(BARK_FINE).and(PERLITE, 1),
            new Happening.Worked(
                RootTally.EMPTY
                    .and(RootFate.FIRM_KEPT, 31)
                    .and(RootFate.CUT_BACK, 4)
                    .and(RootFate.SOFT, 6)
                    .and(RootFate.NEW_KEPT, 8)
                    .and(RootFate.NEW_BROKEN, 1),
                40,
                "sits lower now, the new roots go in",
                "one new tip broke on the rim",
                Way.OPENED))
        .pictured(120, "At the bench: photograph it", 3)
        .pictured(120, "At the bench: how it went", 3)
        .answer(112, CheckAnswer.AS_HOPED)
        .answer(90, CheckAnswer.AS_HOPED)
        .answer(35, CheckAnswer.AS_HOPED);
  }
}
