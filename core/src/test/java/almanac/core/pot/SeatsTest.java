package almanac.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.pot.Outline.Standing;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which pot, and where in it: against a grid search, and for plants a grower can picture. */
@Tag("long")
class SeatsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final double RADIUS = 12;
  private static final Kind CATTLEYA = StandardKinds.named("cattleya-two-leaved").orElseThrow();
  private static final Kind PAPHIOPEDILUM = StandardKinds.named("paphiopedilum").orElseThrow();

  /** One row of growths from the old end, 30 mm apart, towards 12 o'clock. */
  private static Outline row(int growths, double aYearMm) {
    return new Outline(
        IntStream.range(0, growths)
            .mapToObj(i -> new Standing(new Spot(0, 30.0 * i), i == growths - 1 ? 0.0 : null))
            .toList(),
        RADIUS,
        aYearMm);
  }

  private static PotMove from(double oldMm) {
    return new PotMove(
        OptionalDouble.of(oldMm), OptionalDouble.of(2), false, false, false, false, CATTLEYA);
  }

  private static List<Pot> pots(double... across) {
    return DoubleStream.of(across).mapToObj(mm -> new Pot(PotType.PLASTIC, mm, mm, "")).toList();
  }

  private static List<Seat> seats(Outline outline, PotMove move, double... across) {
    return new Seats(outline, move, FIGURES).in(pots(across));
  }

  @Test
  void roomIsWhatAGridSearchFinds() {
    var random = new Random(11);
    int creeping = 0;
    int full = 0;
    for (int i = 0; i < 300; i++) {
      var outline = made(random);
      double across = 60 + random.nextInt(240);
      var room = Room.anywhere(outline, across, FIGURES);
      assertThat(Room.anywhere(outline.outermost(), across, FIGURES).years())
          .as("what stands inside takes no room")
          .isCloseTo(room.years(), within(0.02));
      double holds = across / 2 - FIGURES.of(PlaceFigures.MARGIN) - RADIUS;
      // The circle that is found holds everything, and nothing much smaller anywhere does.
      if (room.fits()) {
        assertThat(furthest(outline.after(room.years()), room.middle()))
            .isLessThanOrEqualTo(holds + 0.01);
      }
      if (!room.endless()) {
        var later = outline.after(room.years() + 0.05);
        assertThat(bestOnGrid(later)).isGreaterThan(holds - GRID_MM);
        creeping += room.fits() ? 1 : 0;
        full += room.fits() ? 0 : 1;
      }
    }
    assertThat(creeping).as("how often its leads reached the rim in the end").isGreaterThan(80);
    assertThat(full).as("how often it did not go in at all").isGreaterThan(30);
  }

  private static final double GRID_MM = 2;

  /** The least distance to the furthest growth, with the middle anywhere on a grid. */
  private static double bestOnGrid(List<Spot> spots) {
    double best = Double.MAX_VALUE;
    for (double x = -200; x <= 200; x += GRID_MM) {
      for (double y = -200; y <= 200; y += GRID_MM) {
        best = Math.min(best, furthest(spots, new Spot(x, y)));
      }
    }
    return best;
  }

  private static double furthest(List<Spot> spots, Spot middle) {
    return spots.stream().mapToDouble(spot -> spot.less(middle).mm()).max().orElseThrow();
  }

  private static Outline made(Random random) {
    var growths = new ArrayList<Standing>();
    int count = 1 + random.nextInt(7);
    for (int i = 0; i < count; i++) {
      var at = new Spot(random.nextInt(120) - 60, random.nextInt(120) - 60);
      growths.add(new Standing(at, random.nextInt(3) == 0 ? (double) random.nextInt(360) : null));
    }
    return new Outline(growths, RADIUS, 10 + random.nextInt(40));
  }

  @Test
  void thePotWithAboutTwoYearsOfRoomIsTheBest() {
    var seats = seats(row(4, 30), from(130), 120, 150, 170, 190, 230);
    var best = Seats.best(seats).orElseThrow();
    assertThat(best.pot().diameterMm()).isEqualTo(170);
    assertThat(best.room().years()).isBetween(1.0, 2.0);
    assertThat(of(seats, 150).fit()).isEqualTo(Fit.SHORT);
    assertThat(of(seats, 120).fit()).isEqualTo(Fit.TOO_SMALL);
    assertThat(of(seats, 230).fit()).isEqualTo(Fit.TOO_LARGE);
    assertThat(of(seats, 230).because())
        .extracting(Object::toString)
        .containsExactly("More than two fingers wider than the old pot: it would stay wet.");
  }

  @Test
  void potsOfOneWorthComeInOneOrderHoweverTheStockIsListed() {
    var pots =
        List.of(
            new Pot(PotType.RESERVOIR, 170.0, null, ""),
            new Pot(PotType.CLAY, 170.0, null, ""),
            new Pot(PotType.PLASTIC, 170.0, null, ""));
    var seats = new Seats(row(4, 30), from(130), FIGURES);
    var turned = new ArrayList<>(pots);
    Collections.reverse(turned);
    assertThat(seats.in(pots))
        .extracting(Seat::pot)
        .isEqualTo(seats.in(turned).stream().map(Seat::pot).toList());
  }

  private static Seat of(List<Seat> seats, double across) {
    return seats.stream()
        .filter(seat -> across == seat.pot().diameterMm())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void itIsShiftedSoThatTheOldEndLiesAtTheRim() {
    var seat = seats(row(4, 30), from(150), 170).get(0);
    // The old end lies at the middle and is moved towards 6 o'clock, as far as the rim lets it.
    assertThat(seat.shift().hour()).isEqualTo(6);
    assertThat(seat.shift().mm()).isCloseTo(85 - RADIUS - 10, within(0.5));
  }

  @Test
  void onePlantThatGrowsAllWaysLandsInTheMiddle() {
    var star =
        new Outline(
            IntStream.range(0, 4)
                .mapToObj(i -> new Standing(Spot.towards(90.0 * i, 30), 90.0 * i))
                .toList(),
            RADIUS,
            30);
    assertThat(seats(star, from(150), 170).get(0).shift().mm()).isLessThan(0.5);
  }

  @Test
  void inWhatDecaysThereIsNoRoomForLongerThanItLasts() {
    var unlimited =
        new PotMove(
            OptionalDouble.empty(), OptionalDouble.of(2), false, false, false, false, CATTLEYA);
    var seat = seats(row(2, 20), unlimited, 200).get(0);
    assertThat(seat.fit()).isEqualTo(Fit.TOO_LARGE);
    assertThat(seat.because().get(0).toString())
        .matches("The mix would be spent \\d+ months before the room.");
    var inert =
        new PotMove(
            OptionalDouble.empty(), OptionalDouble.empty(), false, false, false, false, CATTLEYA);
    assertThat(seats(row(2, 20), inert, 200).get(0).fit()).isEqualTo(Fit.GOOD);
  }

  @Test
  void whereManyRootsWereLostThePotFollowsTheRoots() {
    var lost =
        new PotMove(
            OptionalDouble.of(140), OptionalDouble.of(2), false, false, true, false, CATTLEYA);
    var seats = seats(row(3, 30), lost, 120, 140, 160);
    assertThat(of(seats, 160).fit()).isEqualTo(Fit.TOO_LARGE);
    assertThat(of(seats, 140).fit()).isEqualTo(Fit.GOOD);
    var rootless =
        new PotMove(
            OptionalDouble.of(140), OptionalDouble.of(2), false, false, true, true, CATTLEYA);
    assertThat(seats(row(3, 30), rootless, 110, 120, 140).get(0).pot().diameterMm()).isEqualTo(110);
  }

  @Test
  void aPotThatIsLackingIsNamed() {
    var seats = new Seats(row(4, 30), from(130), FIGURES);
    var wanted = seats.in(pots(seats.wantedMm())).get(0);
    assertThat(wanted.fit()).isEqualTo(Fit.GOOD);
    assertThat(seats.wantedMm() % 10).isZero();
    var onOneStem = new Outline(List.of(new Standing(Spot.MIDDLE, null)), RADIUS, 0);
    assertThat(new Seats(onOneStem, from(130), FIGURES).wantedMm()).isEqualTo(150);
  }

  @Test
  void aBallThatStaysWholeNeedsAWiderPot() {
    var whole =
        new PotMove(
            OptionalDouble.of(170), OptionalDouble.of(2), true, false, false, false, CATTLEYA);
    var seats = seats(row(3, 30), whole, 160, 170, 200);
    assertThat(of(seats, 160).fit()).isEqualTo(Fit.TOO_SMALL);
    assertThat(of(seats, 170).because().get(0)).hasToString("The ball does not go into it whole.");
    assertThat(of(seats, 200).fit()).isNotEqualTo(Fit.TOO_SMALL);
    assertThat(new Seats(row(3, 30), whole, FIGURES).wantedMm()).isEqualTo(190);
  }

  @Test
  void aBallThatStaysWholeIsNotPutIntoAShallowerPot() {
    var whole =
        new PotMove(
            OptionalDouble.of(150),
            OptionalDouble.of(140),
            OptionalDouble.of(2),
            true,
            false,
            false,
            false,
            CATTLEYA);
    var pan = new Pot(PotType.PLASTIC, 180.0, 110.0, "");
    var deep = new Pot(PotType.PLASTIC, 180.0, 140.0, "");
    var seats = new Seats(row(3, 30), whole, FIGURES).in(List.of(pan, deep));
    assertThat(seats.get(0).pot()).isEqualTo(deep);
    assertThat(seats.get(1).fit()).isEqualTo(Fit.TOO_SMALL);
    assertThat(seats.get(1).because().get(0)).hasToString("It is less deep than the ball.");
  }

  @Test
  void rootsThatWantNoLightGetADarkCover() {
    var dark =
        new PotMove(
            OptionalDouble.of(140),
            OptionalDouble.of(2),
            false,
            false,
            false,
            false,
            PAPHIOPEDILUM);
    var clear =
        new Seats(row(3, 30), dark, FIGURES).in(List.of(new Pot(PotType.CLEAR, 150.0, 130.0, "")));
    assertThat(clear.get(0).because().get(0).toString()).contains("dark cover");
  }

  @Test
  void inThePotItStandsInItCannotBeShifted() {
    var outline = row(2, 30);
    assertThat(Room.here(outline, 120, FIGURES).years())
        .isLessThan(Room.anywhere(outline, 120, FIGURES).years());
  }

  @ParameterizedTest(name = "{0} mm to 3, {1} mm to 12 is {2} o''clock")
  @CsvSource({"0, 10, 12", "10, 0, 3", "0, -10, 6", "-10, 0, 9", "-5, -8.66, 7", "-1, 10, 12"})
  void directionsAreReadFromTheClock(double x, double y, int hour) {
    assertThat(new Spot(x, y).hour()).isEqualTo(hour);
  }

  @Test
  void anOutlineWithoutGrowthsIsRefused() {
    assertThatThrownBy(() -> new Outline(List.of(), RADIUS, 30))
        .isInstanceOf(Refused.class)
        .hasMessage("Set from 1 to 60 growths.");
  }

  @Test
  void aPlantIsShiftedOnlyAsFarAsAHandCanTell() {
    // Growths on both sides of the middle: it stays there. Only one end of it: it goes to the rim.
    var standing =
        new Outline(
            List.of(new Standing(new Spot(0, -1), null), new Standing(new Spot(0, 2), null)),
            RADIUS,
            0);
    assertThat(seats(standing, from(100), 100).get(0).shifted()).isFalse();
    var seat = seats(row(3, 30), from(100), 150).get(0);
    assertThat(seat.shifted()).isTrue();
    assertThat(seat.shiftMm()).isGreaterThan(3);
    assertThat(seat.shift().hour()).as("away from where it grows").isEqualTo(6);
  }

  @Test
  void aheadAreItsLeadsAloneAndWhatDoesNotCreepHasNone() {
    assertThat(row(3, 40).leadsAfter(2)).containsExactly(new Spot(0, 140));
    assertThat(row(3, 0).leadsAfter(2)).isEmpty();
  }

  @Test
  void theRimIsReachedAfterAsManyDaysAsItsYearsHave() {
    var day = LocalDate.of(2027, 5, 15);
    assertThat(new Room(2, true, Spot.MIDDLE).until(day)).contains(day.plusDays(731));
    assertThat(new Room(0, false, Spot.MIDDLE).until(day)).as("at the rim already").isEmpty();
    assertThat(new Room(Room.LONGEST, true, Spot.MIDDLE).until(day)).isEmpty();
  }

  private static Kind kind(String key) {
    return StandardKinds.named(key).orElseThrow();
  }

  private static PotType first(String kind, PotType... types) {
    var pots = Arrays.stream(types).map(type -> new Pot(type, 170.0, 150.0, "")).toList();
    var move = PotMove.of(OptionalDouble.of(130), false, false, kind(kind));
    return new Seats(row(4, 30), move, FIGURES).in(pots).get(0).pot().type();
  }

  @Test
  void ofPotsWithAsMuchRoomTheOneThatSuitsTheKindComesFirst() {
    var types = new PotType[] {PotType.CLEAR, PotType.PLASTIC, PotType.BASKET, PotType.RESERVOIR};
    assertThat(first("gongora-stanhopea", types)).isEqualTo(PotType.BASKET);
    assertThat(first("paphiopedilum", types)).isEqualTo(PotType.PLASTIC);
    assertThat(first("cattleya-two-leaved", types)).isEqualTo(PotType.CLEAR);
    assertThat(first("gongora-stanhopea", PotType.CLEAR, PotType.MESH)).isEqualTo(PotType.MESH);
    assertThat(first("paphiopedilum", PotType.MESH, PotType.CLAY)).isEqualTo(PotType.CLAY);
    var creeper = PotMove.of(OptionalDouble.of(130), false, false, kind("bulbophyllum-maxillaria"));
    var pan = new Pot(PotType.PLASTIC, 170.0, 110.0, "");
    var deep = new Pot(PotType.PLASTIC, 170.0, 190.0, "");
    assertThat(new Seats(row(4, 30), creeper, FIGURES).in(List.of(deep, pan)))
        .extracting(Seat::suits)
        .containsExactly(Suits.WELL, Suits.BADLY);
    var canes = PotMove.of(OptionalDouble.of(130), false, false, kind("sobralia"));
    assertThat(new Seats(row(4, 30), canes, FIGURES).in(List.of(pan, deep)).get(0).pot())
        .isEqualTo(deep);
  }

  /** Three growths that creep 35 mm twice a year: nobody pots them into a bucket. */
  @Test
  void ofAPlantWhosePotNobodyKnowsThePotIsNotMuchWiderThanItself() {
    var unknown = PotMove.of(OptionalDouble.empty(), false, false, kind("miltonia-brassia"));
    var seats = new Seats(row(3, 70), unknown, FIGURES);
    assertThat(seats.wantedMm())
        .as("a year: 130 mm of growths, and 22 mm all round")
        .isEqualTo(180);
    assertThat(new Seats(row(3, 10), unknown, FIGURES).wantedMm()).isEqualTo(130);
  }

  @Test
  void whatSuitsNeverComesBeforeWhatHasRoom() {
    var move = PotMove.of(OptionalDouble.of(130), false, false, kind("gongora-stanhopea"));
    var small = new Pot(PotType.BASKET, 100.0, 90.0, "");
    var right = new Pot(PotType.PLASTIC, 170.0, 150.0, "");
    assertThat(new Seats(row(4, 30), move, FIGURES).in(List.of(small, right)).get(0).pot())
        .isEqualTo(right);
  }

  @Test
  void rootsThatWouldBreakGoByTheSmallestStepThatSparesThem() {
    var move =
        new PotMove(
            OptionalDouble.of(60), OptionalDouble.of(2), true, true, false, false, CATTLEYA);
    var seedling = row(3, 15).within(20);
    var seats = seats(seedling, move, 140, 80, 70, 90);
    assertThat(seats)
        .extracting(seat -> seat.pot().diameterMm())
        .containsExactly(80.0, 90.0, 140.0, 70.0);
    assertThat(of(seats, 70).fit()).isEqualTo(Fit.TOO_SMALL);
    assertThat(of(seats, 140).fit()).isEqualTo(Fit.GOOD);
    assertThat(of(seats, 80).because())
        .extracting(Object::toString)
        .containsExactly("Keep it drier until its roots reach the wall.");
    assertThat(new Seats(seedling, move, FIGURES).wantedMm()).isEqualTo(80);
  }

  @Test
  void whatNobodyDrewIsNoWiderThanItsPot() {
    var drawn = row(4, 30);
    assertThat(drawn.within(500)).isEqualTo(drawn);
    var small = drawn.within(25);
    assertThat(small.around(0).radiusMm()).isCloseTo(25, within(0.001));
    assertThat(small.aYearMm() / drawn.aYearMm())
        .as("a small plant goes on by small steps")
        .isCloseTo(25 / drawn.around(0).radiusMm(), within(0.001));
  }
}
