package almanac.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoldingTest {
  private static final LocalDate CAME = LocalDate.of(2027, 3, 1);
  private static final Figures FIGURES = Figures.standard();

  private static Inspection soak(int day, double in, double out) {
    return Inspection.on(CAME.plusDays(day))
        .with(Items.SOAK_IN, Items.SOAK_IN.found(List.of(), in, FIGURES))
        .with(Items.SOAK_PH, Items.SOAK_PH.found(List.of(), out, FIGURES));
  }

  private static Holding held(Inspection... soaks) {
    return Holding.of(List.of(soaks), CAME, FIGURES);
  }

  @Test
  void withoutAReadingTheFirstSoakIsDue() {
    assertThat(held().next()).isEqualTo(new Window(CAME, CAME, CAME.plusDays(3)));
    assertThat(held().check().purpose()).isEqualTo(Purpose.SOAK);
    assertThat(held().advice().toString()).startsWith("Soak it for an hour");
  }

  @ParameterizedTest(name = "out {0}: feed to {1}, flush {2}, again after {3} days")
  @CsvSource({
    "6.5, , false, 30",
    "6.4, 7.0, false, 30",
    "6.0, 7.0, false, 30",
    "5.9, 7.2, true, 14"
  })
  void theSoakWaterSaysHowToFeed(double out, Double feedTo, boolean flush, int days) {
    var holding = held(soak(10, 7.0, out));
    assertThat(holding.feedTo().isPresent() ? holding.feedTo().getAsDouble() : null)
        .isEqualTo(feedTo);
    assertThat(holding.flush()).isEqualTo(flush);
    assertThat(holding.next().best()).isEqualTo(CAME.plusDays(10L + days));
    assertThat(holding.soaks().get(0).drop().orElseThrow()).isCloseTo(7.0 - out, within(1e-9));
  }

  @Test
  void aSourPotThatStillFallsIsRepottedAtTheNextNubs() {
    assertThat(held(soak(10, 7, 5.9), soak(24, 7, 5.8)).repotAtNubs()).isFalse();
    var falls = held(soak(10, 7, 5.9), soak(24, 7, 5.6));
    assertThat(falls.repotAtNubs()).isTrue();
    assertThat(falls.advice().toString()).contains("repot at the next nubs");
  }

  @Test
  void whatWasReadBeforeItWasHeldIsAnotherStory() {
    assertThat(held(soak(-5, 7, 5.5)).soaks()).isEmpty();
  }

  private static Inspection look(int day, Pests pests) {
    return Inspection.on(CAME.plusDays(day)).with(Items.PESTS, Items.PESTS.saw(pests));
  }

  private static KeptApart apart(int today, Inspection... looks) {
    return KeptApart.of(List.of(looks), CAME, CAME.plusDays(today), FIGURES);
  }

  @ParameterizedTest(name = "looked at on days {0}: next on day {1}, free on day {2}")
  @CsvSource({
    "'', 3, 28",
    "0, 3, 28",
    "1, 10, 28",
    "5, 10, 28",
    "3 10, 17, 28",
    "3 10 17, 28, 28",
    "20, 28, 35",
    "27, 34, 41",
    "3 10 17 28, 35, 28"
  })
  void fourLooksInFourWeeksAndALateOneServesForAllBeforeIt(String days, int next, int free) {
    var looks =
        Stream.of(days.split(" "))
            .filter(day -> !day.isEmpty())
            .map(day -> look(Integer.parseInt(day), Pests.NONE))
            .toArray(Inspection[]::new);
    var apart = apart(20, looks);
    assertThat(apart.next().best()).isEqualTo(CAME.plusDays(next));
    assertThat(apart.next().early()).isEqualTo(CAME.plusDays(next - 2L));
    assertThat(apart.next().late()).isEqualTo(CAME.plusDays(next + 2L));
    assertThat(apart.free()).isEqualTo(CAME.plusDays(free));
    assertThat(apart.check().purpose()).isEqualTo(Purpose.APART);
  }

  @Test
  void aCleanPlantIsFreeAfterFourWeeksIfSomebodyLookedAtTheEnd() {
    var looks = List.of(look(3, Pests.NONE), look(10, Pests.NONE), look(17, Pests.SPIDER));
    assertThat(KeptApart.of(looks, CAME, CAME.plusDays(30), FIGURES).over()).isFalse();
    var all = new ArrayList<>(looks);
    all.add(look(28, Pests.SPRINGTAIL));
    assertThat(KeptApart.of(all, CAME, CAME.plusDays(27), FIGURES).over()).isFalse();
    assertThat(KeptApart.of(all, CAME, CAME.plusDays(28), FIGURES).over()).isTrue();
  }

  @Test
  void whatIsFoundMakesItLongerUntilThreeLooksInARowAreClean() {
    var found = apart(17, look(3, Pests.NONE), look(10, Pests.SCALE), look(17, Pests.SCALE));
    assertThat(found.cleanInARow()).isZero();
    assertThat(found.free()).isEqualTo(CAME.plusDays(17 + 21));
    var two = apart(31, look(17, Pests.SCALE), look(24, Pests.NONE), look(31, Pests.NONE));
    assertThat(two.over()).isFalse();
    assertThat(two.free()).isEqualTo(CAME.plusDays(38));
    var three =
        apart(
            38,
            look(17, Pests.SCALE),
            look(24, Pests.NONE),
            look(31, Pests.NONE),
            look(38, Pests.NONE));
    assertThat(three.over()).isTrue();
  }

  @Test
  void rotIsSomethingFound() {
    var rotten = look(10, Pests.NONE).with(Items.ROT, Items.ROT.saw(Rot.SOFT_LEAD));
    assertThat(apart(10, rotten).found()).isTrue();
  }

  @Test
  void neverLookedAtIsNotClean() {
    assertThat(apart(40).over()).isFalse();
  }
}
