package almanac.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.history.Way;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How fast this collector works, from what the jobs of the past took. */
class OwnPaceTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate CAME = LocalDate.of(2025, 4, 1);
  private static final LocalDate MOVED = LocalDate.of(2027, 4, 1);
  private static final Mix BARK = Mix.of(Component.BARK_MEDIUM);
  private static final Mix MOSS = Mix.of(Component.SPHAGNUM_BEST);
  private static final Map<RootFate, Integer> NO_LOSS = Map.of(RootFate.FIRM_KEPT, 9);

  private static Happening.Potted potted(LocalDate on, Mix mix) {
    return new Happening.Potted(new Potting(PottedOn.on(on), on, mix, Moisture.DRIES_BETWEEN));
  }

  private static Happening.Worked worked(int minutes, Map<RootFate, Integer> roots) {
    return new Happening.Worked(new RootTally(roots, false), minutes, "", "", Way.OPENED);
  }

  private static Plant moved(Mix from, Mix to, Happening... more) {
    var chronicle = new Chronicle();
    chronicle.on(CAME, potted(CAME, from));
    var act = chronicle.on(MOVED, potted(MOVED, to));
    for (var happening : more) {
      chronicle.with(act, happening);
    }
    return chronicle.plant();
  }

  /** One job among the four that the usual pace counts as. */
  private static double times(Plant plant) {
    var pace = OwnPace.of(List.of(plant), FIGURES);
    assertThat(pace.jobs()).isEqualTo(1);
    return pace.times() * 5 - 4;
  }

  @Test
  void asLongAsNobodyWroteHowLongAnythingTookItIsTheUsualPace() {
    assertThat(OwnPace.of(List.of(), FIGURES)).isEqualTo(OwnPace.USUAL);
    assertThat(
            OwnPace.of(List.of(moved(BARK, BARK), moved(BARK, BARK, worked(0, NO_LOSS))), FIGURES))
        .isEqualTo(new OwnPace(0, 1));
    assertThat(OwnPace.USUAL.minutes(35)).isEqualTo(35);
  }

  @Test
  void theMinutesOfADayAreThoseThatItsJobsTook() {
    var plants =
        List.of(
            moved(BARK, MOSS, worked(90, NO_LOSS)),
            moved(BARK, MOSS, worked(25, NO_LOSS)),
            moved(BARK, MOSS));
    assertThat(OwnPace.minutesOn(plants, MOVED)).isEqualTo(115);
    assertThat(OwnPace.minutesOn(plants, MOVED.plusDays(1))).isZero();
  }

  @Test
  void whatIsUsualFollowsFromWhatWasDone() {
    assertThat(times(moved(BARK, MOSS, worked(90, NO_LOSS)))).isCloseTo(1.5, within(1e-9));
    assertThat(times(moved(MOSS, BARK, worked(90, NO_LOSS)))).isCloseTo(3, within(1e-9));
    assertThat(times(moved(BARK, BARK, worked(30, NO_LOSS))))
        .as("the ball stayed whole")
        .isCloseTo(2, within(1e-9));
    assertThat(times(moved(BARK, MOSS, worked(85, NO_LOSS), new Happening.Divided(7))))
        .as("a piece more to cut and to pot")
        .isCloseTo(1, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "FIRM_KEPT, 2",
    "NEW_KEPT, 2",
    "NEW_BROKEN, 2",
    "SOFT, 0.5",
    "HOLLOW, 0.5",
    "CUT_BACK, 0.5",
    "TIP_BROKEN, 0.5"
  })
  void whoHandledRootsOpenedTheBall(RootFate fate, double times) {
    assertThat(times(moved(BARK, BARK, worked(30, Map.of(fate, 1)))))
        .isCloseTo(times, within(1e-9));
  }

  @Test
  void halfABarkRepotIsNoneOfBark() {
    var half = new Mix(Map.of(Component.BARK_FINE, 1.0, Component.PERLITE, 1.0));
    var more = new Mix(Map.of(Component.BARK_FINE, 3.0, Component.PERLITE, 2.0));
    assertThat(times(moved(half, MOSS, worked(60, NO_LOSS)))).isCloseTo(2, within(1e-9));
    assertThat(times(moved(more, MOSS, worked(60, NO_LOSS)))).isCloseTo(1, within(1e-9));
  }

  @Test
  void aJobThatWasForgottenCountsAtMostFourTimesAndABlinkAQuarter() {
    assertThat(times(moved(BARK, MOSS, worked(1440, NO_LOSS)))).isCloseTo(4, within(1e-9));
    assertThat(times(moved(BARK, MOSS, worked(1, NO_LOSS)))).isCloseTo(0.25, within(1e-9));
  }

  @Test
  void aJobWithoutAMoveOrWithoutAPotBeforeItSaysNothing() {
    var looked = new Chronicle();
    looked.on(CAME, potted(CAME, BARK));
    looked.on(MOVED, worked(30, NO_LOSS));
    var first = new Chronicle();
    first.with(first.on(CAME, potted(CAME, BARK)), worked(30, NO_LOSS));
    assertThat(OwnPace.of(List.of(looked.plant(), first.plant()), FIGURES))
        .isEqualTo(OwnPace.USUAL);
  }

  @Test
  void theLastPotBeforeTheJobIsTheOneItCameOutOf() {
    var chronicle = new Chronicle();
    chronicle.on(CAME, potted(CAME, MOSS));
    chronicle.on(CAME.plusDays(200), potted(CAME.plusDays(200), BARK));
    chronicle.with(chronicle.on(MOVED, potted(MOVED, MOSS)), worked(60, NO_LOSS));
    assertThat(times(chronicle.plant())).isCloseTo(1, within(1e-9));
  }

  @Test
  void theMoreJobsTheMoreTheOwnPaceCounts() {
    var twice = moved(BARK, MOSS, worked(120, NO_LOSS));
    assertThat(OwnPace.of(List.of(twice, twice, twice, twice), FIGURES))
        .isEqualTo(new OwnPace(4, 1.5));
  }

  @ParameterizedTest
  @CsvSource({"35, 1, 35", "35, 1.5, 55", "60, 1.04, 60", "60, 1.05, 65", "15, 0.1, 5"})
  void minutesAreSaidInFives(double usual, double times, int minutes) {
    assertThat(new OwnPace(4, times).minutes(usual)).isEqualTo(minutes);
  }
}
