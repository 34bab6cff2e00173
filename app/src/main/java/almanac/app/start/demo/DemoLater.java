package almanac.app.start.demo;

import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.PlantStatus;
import almanac.core.history.Way;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.PestPlace;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.inspection.SurfaceLevel;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Objects;

/** What became of what was told in May, and what is told in the other seasons. */
final class DemoLater {
  /** So long a story stands as it was told; then it has come to its end. */
  private static final int OPEN_DAYS = 25;

  private final Map<String, DemoPlant> plants;
  private final LocalDate today;
  private final LocalDate spring;

  /**
   * @param plants by their labels
   */
  DemoLater(Map<String, DemoPlant> plants, LocalDate today) {
    this.plants = plants;
    this.today = today;
    this.spring = DemoTold.spring(today);
  }

  void all() {
    if (within(spring)) {
      told("Phalaenopsis Tallow Light", today).begun(DemoTold.atTheFill());
    } else {
      ends();
    }
    season(Month.AUGUST, this::inAugust);
    season(Month.NOVEMBER, this::inNovember);
    season(Month.JANUARY, this::inJanuary);
    season(Month.FEBRUARY, this::inFebruary);
  }

  private interface Story {
    void on(LocalDate day);
  }

  private void season(Month month, Story story) {
    var day = LocalDate.of(today.getYear(), month, 10);
    if (!day.isAfter(today) && within(day)) {
      story.on(day);
    }
  }

  private boolean within(LocalDate day) {
    return ChronoUnit.DAYS.between(day, today) <= OPEN_DAYS;
  }

  private DemoPlant told(String label, LocalDate on) {
    return Objects.requireNonNull(plants.get(label), label).told(on);
  }

  private void ends() {
    repotted("Brassia Lock Keeper", 4, Way.OPENED);
    repotted("Encyclia Cordwain", 2, Way.OPENED);
    repotted("Miltoniopsis Ferry Rain", 1, Way.OPENED);
    repotted("Phalaenopsis Tallow Light", 1, Way.OPENED);
    repotted("Phalaenopsis Nine Arches", 9, Way.OPENED);
    repotted("Paphiopedilum Quiet Sluice", 6, Way.OPENED);
    repotted("Phragmipedium Wet Stair", 12, Way.WHOLE);
    repotted("Catasetum Windlass", 7, Way.OPENED);
    repotted("Promenaea Small Coin", 5, Way.OPENED);
    repotted("Phalaenopsis Sunday Bell", 14, Way.OPENED);
    if (today.isAfter(spring.plusDays(60))) {
      repotted("Oncidium Slow Barge", 38, Way.OPENED);
      repotted("Cattleya Weir Song", 45, Way.OPENED);
    }
    told("Cattleya Copper Bell", spring)
        .look(-6, look -> look.inPot(RootsInPot.FIRM).stands(Stability.FIRM))
        .livesOn(spring.plusDays(OPEN_DAYS));
    told("Dendrobium Halyard", spring)
        .look(-3, look -> look.saw(Items.LEVEL, SurfaceLevel.LEVEL))
        .livesOn(spring.plusDays(OPEN_DAYS));
    told("Oncidium Broken Paddle", spring)
        .happened(new Happening.Became(new Fate(PlantStatus.LOST, "wilt through the rhizome")));
    for (var quiet :
        new String[] {
          "Zygopetalum Mill Race",
          "Vanda Blue Gate",
          "Catasetum Old Winch",
          "Phalaenopsis Small Lantern",
          "Masdevallia Night Ferry",
          "Maxillaria Rope Ladder",
          "Brassia Balance Beam"
        }) {
      told(quiet, spring).lookedAfter().livesOn(spring.plusDays(OPEN_DAYS));
    }
    for (var daughter : told("Brassia Balance Beam", spring).daughters()) {
      daughter.lookedAfter().livesOn(spring.plusDays(OPEN_DAYS)).seenLately();
    }
    plants.values().stream().filter(DemoPlant::hasYears).forEach(DemoPlant::seenLately);
  }

  private void repotted(String label, int later, Way way) {
    var plant = told(label, spring);
    plant
        .worked(
            -later,
            plant.mix(),
            new Happening.Worked(
                RootTally.EMPTY.and(RootFate.FIRM_KEPT, 18).and(RootFate.SOFT, 5),
                35,
                "went in well",
                "",
                way))
        .lookedAfter()
        .livesOn(spring.plusDays(later + OPEN_DAYS));
  }

  private void inAugust(LocalDate day) {
    told("Oncidium Mitre Post", day)
        .look(
            1,
            look ->
                look.saw(Items.PESTS, Pests.ROOT_MEALYBUG)
                    .saw(Items.PEST_PLACE, PestPlace.MEDIUM)
                    .inPot(RootsInPot.FIRM));
    told("Bifrenaria Dyke Reeve", day).look(2, look -> look.stands(Stability.LEANING));
    told("Dendrobium Wherry", day).look(3, look -> look.saw(Items.PESTS, Pests.MITES));
  }

  private void inNovember(LocalDate day) {
    told("Phalaenopsis Ferry Token", day).look(1, look -> look.saw(Items.ROT, Rot.SOFT_CROWN));
    told("Dendrobium Sailcloth", day).look(4, look -> look.saw(Items.PESTS, Pests.MEALYBUG));
    told("Catasetum Windlass", day)
        .look(2, look -> look.saw(Items.GROWTH, GrowthStage.RESTING).stands(Stability.FIRM));
  }

  private void inJanuary(LocalDate day) {
    told("Miltonia Ripple Bank", day)
        .look(1, look -> look.saw(Items.SMELL, Smell.SOUR).inPot(RootsInPot.MIXED));
    told("Dendrobium Sailcloth", day).look(2, look -> look.stands(Stability.LEANING));
  }

  private void inFebruary(LocalDate day) {
    told("Zygopetalum Night Mail", day)
        .look(1, look -> look.saw(Items.SMELL, Smell.SOUR).inPot(RootsInPot.MIXED));
    told("Cattleya Lantern Bridge", day)
        .look(3, look -> look.stands(Stability.LOOSE).inPot(RootsInPot.FIRM));
  }
}
