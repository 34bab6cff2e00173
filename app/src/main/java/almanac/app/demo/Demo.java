package almanac.app.demo;

import static almanac.core.medium.Component.BARK_COARSE;
import static almanac.core.medium.Component.BARK_FINE;
import static almanac.core.medium.Component.BARK_MEDIUM;
import static almanac.core.medium.Component.COCONUT_FIBRE;
import static almanac.core.medium.Component.CORK_CHARCOAL;
import static almanac.core.medium.Component.FIRED_CLAY;
import static almanac.core.medium.Component.PERLITE;
import static almanac.core.medium.Component.PUMICE;
import static almanac.core.medium.Component.SPHAGNUM_BASKET;
import static almanac.core.medium.Component.SPHAGNUM_BEST;

import almanac.app.benches.Bench;
import almanac.app.benches.BenchKind;
import almanac.app.benches.Benches;
import almanac.app.site.Settings;
import almanac.app.site.Site;
import almanac.core.followup.CheckAnswer;
import almanac.core.history.Arrival;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Item;
import almanac.core.inspection.Level;
import almanac.core.inspection.Parts;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.inspection.Stability;
import almanac.core.medium.Mix;
import almanac.core.medium.Piece;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * A lock keeper's house on a canal at 56° north, with its plants; every name is invented. The
 * history runs up to the day on which the collection is first opened.
 */
@Component
public class Demo {
  private static final double LATITUDE = 56;
  private static final int MONTHS_HERE = 36;
  private static final List<Double> SUNROOM =
      List.of(18.0, 18.0, 18.5, 19.5, 20.5, 22.0, 23.0, 23.0, 21.0, 19.5, 18.5, 18.0);
  private static final List<Double> SILL =
      List.of(19.0, 19.0, 19.5, 20.0, 21.0, 22.0, 22.5, 22.5, 21.0, 20.0, 19.5, 19.0);
  private static final List<Double> CELLAR =
      List.of(18.0, 18.0, 18.0, 18.5, 19.0, 20.0, 20.5, 20.5, 20.0, 19.0, 18.5, 18.0);

  private final Benches benches;
  private final DemoBooks books;
  private final Settings settings;
  private final Site site;

  Demo(Benches benches, DemoBooks books, Settings settings, Site site) {
    this.benches = benches;
    this.books = books;
    this.settings = settings;
    this.site = site;
  }

  /** Writes the demo collection into an empty database, whole or not at all. */
  @Transactional
  public void fillIfEmpty() {
    if (settings.get("collection").isPresent()) {
      return;
    }
    settings.set("collection", "demo");
    site.moveTo(LATITUDE);
    long low = bench("Sunroom, low stage", BenchKind.STAGE, null, SUNROOM).id();
    long high = bench("Sunroom, high stage", BenchKind.STAGE, null, SUNROOM).id();
    long sill = bench("East sill", BenchKind.SILL, null, SILL).id();
    long cellar = bench("Cellar shelf under lights", BenchKind.CELLAR, 14.0, CELLAR).id();
    lowStage(low);
    highStage(high);
    eastSill(sill);
    cellarShelf(cellar);
    var byName =
        Map.of(
            "Sunroom, low stage", low,
            "Sunroom, high stage", high,
            "East sill", sill,
            "Cellar shelf under lights", cellar);
    DemoShelf.rows()
        .forEach(
            row ->
                new DemoPlant(books)
                    .quiet(row, byName.getOrDefault(row.bench(), sill), MONTHS_HERE));
    swappedTags();
    arrivals(cellar);
  }

  /** Two that were repotted on the same day got each other's tags; the flowers told. */
  private void swappedTags() {
    swapped("Phalaenopsis Mill Light", "Phalaenopsis Ice House");
    swapped("Phalaenopsis Ice House", "Phalaenopsis Mill Light");
  }

  private void swapped(String label, String truly) {
    books.journal().all().stream()
        .filter(plant -> plant.facts().label().equals(label))
        .forEach(
            plant ->
                new DemoPlant(books, plant.id())
                    .card(
                        facts ->
                            facts.believedToBe(
                                truly,
                                "Tags swapped at the bench; the flowers are those of the other."),
                        Optional.empty()));
  }

  /** One that is held in the pot it came in, and one that is kept apart. */
  private void arrivals(long bench) {
    var day = books.today().get();
    new DemoPlant(books)
        .arrived(
            "Miltoniopsis Market Day",
            "miltoniopsis",
            bench,
            Mix.of(COCONUT_FIBRE),
            day.minusDays(64))
        .card(
            facts -> facts.apart("a plant fair", "12", null, day.minusDays(60)),
            Optional.of(new Arrival(day.minusDays(64), false)))
        .look(
            60,
            look ->
                look.measured(Item.SOAK_IN, 7.0).measured(Item.SOAK_PH, 6.3).roots(RootStage.NONE))
        .look(
            28,
            look ->
                look.measured(Item.SOAK_IN, 7.1)
                    .measured(Item.SOAK_PH, 6.1)
                    .roots(RootStage.NONE)
                    .bloom(Bloom.NONE));
    new DemoPlant(books)
        .arrived("Oncidium Penny Post", "oncidium", bench, Mix.of(BARK_FINE), day.minusDays(12))
        .card(
            facts -> facts.apart("a neighbour", "", day.minusDays(12), null),
            Optional.of(new Arrival(day.minusDays(12), false)))
        .look(9, look -> look.saw(Item.PESTS, Pests.NONE).stands(Stability.FIRM));
  }

  private Bench bench(String name, BenchKind kind, @Nullable Double lampHours, List<Double> means) {
    return benches.add(new Benches.Wanted(name, kind, lampHours, means, null));
  }

  private void lowStage(long bench) {
    var bark = new Mix(Map.of(BARK_MEDIUM, 3.0, PERLITE, 1.0));
    plant("Brassia Lock Keeper", "miltonia-brassia", bench, bark, 25)
        .look(3, look -> look.roots(RootStage.SWELLING).piece(Piece.KEEPS_SHAPE))
        .look(
            0,
            look ->
                look.roots(6)
                    .bloom(Bloom.SPIKE)
                    .stands(Stability.FIRM)
                    .measured(Item.RIM, -8)
                    .saw(Item.SMELL, Smell.WOODY))
        .picture(3, 0, 0)
        .picture(0, 6, 0);
    plant("Oncidium Slow Barge", "oncidium", bench, Mix.of(BARK_FINE).and(PERLITE, 1), 20)
        .look(30, look -> look.roots(RootStage.ANCHORED).piece(Piece.TEARS))
        .look(2, look -> look.roots(34).bloom(Bloom.NONE).inPot(RootsInPot.MIXED));
    plant("Encyclia Cordwain", "encyclia", bench, Mix.of(BARK_COARSE).and(FIRED_CLAY, 1), 26)
        .look(12, look -> look.roots(RootStage.SWELLING).piece(Piece.DENTS))
        .look(
            2,
            look ->
                look.roots(9)
                    .inPot(RootsInPot.FIRM)
                    .saw(Item.PARTS, Parts.BARE_MIDDLE)
                    .bloom(Bloom.NONE));
    plant("Oncidium Broken Paddle", "oncidium", bench, Mix.of(BARK_FINE), 19)
        .look(3, look -> look.saw(Item.ROT, Rot.WILT_THROUGH).inPot(RootsInPot.MIXED));
    plant("Zygopetalum Mill Race", "zygopetalum", bench, bark, 7)
        .look(40, look -> look.roots(RootStage.NONE).stands(Stability.FIRM).bloom(Bloom.OPEN))
        .look(9, look -> look.bloom(Bloom.FADING).piece(Piece.KEEPS_SHAPE));
    plant("Miltoniopsis Ferry Rain", "miltoniopsis", bench, Mix.of(SPHAGNUM_BEST), 14)
        .look(1, look -> look.inPot(RootsInPot.MOSTLY_SOFT).piece(Piece.MUSH).bloom(Bloom.BUDS));
  }

  private void highStage(long bench) {
    plant("Cattleya Weir Song", "cattleya-two-leaved", bench, Mix.of(BARK_COARSE), 44)
        .look(21, look -> look.roots(24).piece(Piece.TEARS).stands(Stability.FIRM))
        .look(5, look -> look.roots(55).bloom(Bloom.NONE).inPot(RootsInPot.MIXED))
        .picture(21, 24, 0)
        .picture(5, 55, 0);
    plant("Cattleya Copper Bell", "cattleya-one-leaved", bench, Mix.of(BARK_COARSE), 16)
        .look(18, look -> look.piece(Piece.KEEPS_SHAPE).bloom(Bloom.SPIKE).stands(Stability.LOOSE));
    plant("Dendrobium Halyard", "dendrobium-evergreen", bench, Mix.of(BARK_FINE), 11)
        .look(15, look -> look.inPot(RootsInPot.FIRM).saw(Item.LEVEL, Level.SUNK).bloom(Bloom.NONE))
        .look(15, look -> look.roots(RootStage.NONE));
    plant("Vanda Blue Gate", "vanda", bench, Mix.of(CORK_CHARCOAL), 20)
        .look(8, look -> look.roots(70).bloom(Bloom.OPEN).stands(Stability.FIRM))
        .picture(8, 70, 3);
    plant("Catasetum Old Winch", "catasetum", bench, Mix.of(SPHAGNUM_BEST), 13)
        .repot(34, Mix.of(SPHAGNUM_BEST).and(PERLITE, 1))
        .answer(26, CheckAnswer.AS_HOPED)
        .look(4, look -> look.roots(RootStage.SHORT).stands(Stability.FIRM));
  }

  private void eastSill(long bench) {
    plant("Phalaenopsis Tallow Light", "phalaenopsis", bench, Mix.of(SPHAGNUM_BASKET), 13)
        .look(6, look -> look.bloom(Bloom.OPEN).stands(Stability.SLIGHT_WOBBLE))
        .look(1, look -> look.inPot(RootsInPot.MIXED).piece(Piece.MUSH));
    plant("Phalaenopsis Nine Arches", "phalaenopsis", bench, Mix.of(BARK_MEDIUM), 30)
        .look(10, look -> look.roots(RootStage.NUB).bloom(Bloom.FINISHED).piece(Piece.TEARS));
    plant("Phalaenopsis Small Lantern", "phalaenopsis-miniature", bench, Mix.of(SPHAGNUM_BEST), 17)
        .look(25, look -> look.roots(12).bloom(Bloom.BUDS).inPot(RootsInPot.FIRM));
    plantOfUnknownPotting("Coelogyne Towpath", "coelogyne", bench, Mix.of(COCONUT_FIBRE), 5)
        .look(20, look -> look.stands(Stability.FIRM).bloom(Bloom.NONE));
  }

  private void cellarShelf(long bench) {
    plant(
            "Paphiopedilum Quiet Sluice",
            "paphiopedilum",
            bench,
            Mix.of(BARK_FINE).and(PERLITE, 1),
            13)
        .look(11, look -> look.roots(RootStage.ANCHORED).stands(Stability.LOOSE).bloom(Bloom.NONE));
    plant("Phragmipedium Wet Stair", "phragmipedium", bench, Mix.of(PUMICE).and(FIRED_CLAY, 1), 28)
        .look(28, look -> look.measured(Item.RIM, -4).bloom(Bloom.OPEN).roots(RootStage.ANCHORED));
    plant("Masdevallia Night Ferry", "masdevallia", bench, Mix.of(SPHAGNUM_BEST), 5)
        .repot(95, Mix.of(SPHAGNUM_BEST).and(PERLITE, 0.5))
        .answer(87, CheckAnswer.AS_HOPED)
        .answer(64, CheckAnswer.AS_HOPED)
        .look(12, look -> look.roots(RootStage.LONG).inPot(RootsInPot.FIRM));
    plant("Bulbophyllum Rope Walk", "bulbophyllum-maxillaria", bench, Mix.of(SPHAGNUM_BEST), 2);
  }

  private DemoPlant plant(String label, String profile, long bench, Mix mix, int monthsAgo) {
    return new DemoPlant(books)
        .potted(label, profile, bench, mix, books.today().get().minusMonths(monthsAgo));
  }

  private DemoPlant plantOfUnknownPotting(
      String label, String profile, long bench, Mix mix, int monthsHere) {
    LocalDate since = books.today().get().minusMonths(monthsHere);
    return new DemoPlant(books).arrived(label, profile, bench, mix, since);
  }
}
