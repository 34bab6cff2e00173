package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Each rule of a plan by itself, counted on a board that nobody solves. */
class BenchRulesTest {
  private static final Figures FIGURES = Figures.standard();
  private static final BenchDay FIRST = new BenchDay(TODAY.plusDays(1), 60);
  private static final BenchDay SECOND = new BenchDay(TODAY.plusDays(8), 90);
  private static final BenchDay LATE = new BenchDay(TODAY.plusDays(13), 60);
  private static final BenchDay PAST = new BenchDay(TODAY.minusDays(2), 60);

  private final List<JobSeat> seats = new ArrayList<>();

  private void on(@Nullable BenchDay day, LittleJob job) {
    seats.add(new JobSeat(job.made(seats.size()), day, false));
  }

  private Board board() {
    return new Board(List.of(PAST, FIRST, SECOND, LATE), seats, Weights.of(FIGURES, Set.of()));
  }

  private HardMediumSoftLongScore cost(BenchRule rule) {
    return new Counted(Solving.counting(), board()).byRule().get(rule);
  }

  private static HardMediumSoftLongScore hard(long points) {
    return HardMediumSoftLongScore.ofHard(-points);
  }

  private static HardMediumSoftLongScore medium(long points) {
    return HardMediumSoftLongScore.ofMedium(-points);
  }

  private static HardMediumSoftLongScore soft(long points) {
    return HardMediumSoftLongScore.ofSoft(-points);
  }

  @Test
  void aDayHasRoomForItsMinutesAndNoMore() {
    var twenty = new LittleJob();
    twenty.minutes = 20;
    on(FIRST, new LittleJob());
    on(FIRST, twenty);
    assertThat(cost(BenchRule.ROOM)).isEqualTo(hard(0));
    on(FIRST, twenty);
    assertThat(cost(BenchRule.ROOM)).isEqualTo(hard(20));
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.ROOM)).isEqualTo(hard(20));
  }

  @Test
  void everyDayOutsideItsWindowIsCounted() {
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.WINDOW)).isEqualTo(hard(0));
    on(LATE, new LittleJob());
    assertThat(cost(BenchRule.WINDOW)).isEqualTo(hard(3));
    on(PAST, new LittleJob());
    assertThat(cost(BenchRule.WINDOW)).isEqualTo(hard(5));
  }

  @Test
  void whatFlowersIsNotMovedUntilItsFlowersAreOver() {
    var flowers = new LittleJob();
    flowers.flowersOver = Optional.of(SECOND.on());
    on(FIRST, flowers);
    assertThat(cost(BenchRule.FLOWERS)).isEqualTo(hard(1));
    seats.clear();
    on(SECOND, flowers);
    assertThat(cost(BenchRule.FLOWERS)).isEqualTo(hard(0));
  }

  @Test
  void whatFindsNoDayCostsItsNeedAndAHazardFarMore() {
    on(null, new LittleJob());
    assertThat(cost(BenchRule.PLACED)).isEqualTo(medium(31));
    var hazard = new LittleJob();
    hazard.hazard = true;
    hazard.need = 99.6;
    on(null, hazard);
    assertThat(cost(BenchRule.PLACED)).isEqualTo(medium(31 + 1101));
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.PLACED)).isEqualTo(medium(31 + 1101));
  }

  @Test
  void onlyHazardsAreCountedByTheDaysTheyWait() {
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.HAZARD)).isEqualTo(medium(0));
    var hazard = new LittleJob();
    hazard.hazard = true;
    on(FIRST, hazard);
    assertThat(cost(BenchRule.HAZARD)).isEqualTo(medium(4));
  }

  @Test
  void everyDayThatALateJobWaitsCountsMore() {
    var late = new LittleJob();
    late.window = new Window(TODAY, TODAY, TODAY.plusDays(28));
    late.asked = asked(TODAY.minusDays(1));
    on(FIRST, late);
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.LATE)).isEqualTo(soft(5));
    on(SECOND, late);
    assertThat(cost(BenchRule.LATE)).isEqualTo(soft(45));
    seats.clear();
    late.asked = asked(TODAY);
    on(SECOND, late);
    assertThat(cost(BenchRule.LATE)).as("its last day").isEqualTo(soft(0));
  }

  @Test
  void eachWeekThatAJobIsLateWeighsMoreThanTheLast() {
    var late = new LittleJob();
    late.asked = asked(TODAY.minusWeeks(2));
    on(FIRST, late);
    assertThat(cost(BenchRule.OVERDUE)).isEqualTo(medium(4));
    on(SECOND, late);
    assertThat(cost(BenchRule.OVERDUE)).isEqualTo(medium(4 + 9));
    seats.clear();
    on(null, late);
    assertThat(cost(BenchRule.OVERDUE).mediumScore())
        .as("without a day it is later than on any")
        .isLessThanOrEqualTo(-9);
    seats.clear();
    late.asked = asked(TODAY.plusDays(20));
    on(SECOND, late);
    assertThat(cost(BenchRule.OVERDUE)).isEqualTo(medium(0));
  }

  private static Optional<AskedFor> asked(LocalDate by) {
    return Optional.of(new AskedFor(TODAY.minusDays(30), Optional.of(by), Optional.empty()));
  }

  @Test
  void anEmptyDayOnWhichALaterJobCouldBeDoneIsCountedOnce() {
    on(SECOND, new LittleJob());
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.IDLE)).as("the first; the last is no better").isEqualTo(soft(20));
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.IDLE)).isEqualTo(soft(0));
    seats.clear();
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.IDLE)).as("nothing lies later").isEqualTo(soft(0));
    seats.clear();
    var much = new LittleJob();
    much.minutes = 61;
    on(SECOND, much);
    assertThat(cost(BenchRule.IDLE)).as("it does not fit").isEqualTo(soft(0));
    much.minutes = 60;
    on(SECOND, much);
    assertThat(cost(BenchRule.IDLE)).isEqualTo(soft(20));
    seats.clear();
    seats.add(new JobSeat(new LittleJob().made(0), SECOND, true));
    assertThat(cost(BenchRule.IDLE)).as("somebody chose its day").isEqualTo(soft(0));
  }

  @Test
  void everyDayOffTheBestCostsOnEitherSide() {
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.BEST)).isEqualTo(soft(4));
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.BEST)).isEqualTo(soft(7));
  }

  @Test
  void theSameMixOnADayIsMadeOnce() {
    var bark = new LittleJob();
    bark.mix = "bark";
    var moss = new LittleJob();
    moss.mix = "moss";
    on(FIRST, bark);
    on(FIRST, bark);
    on(FIRST, new LittleJob());
    assertThat(cost(BenchRule.MIX)).isEqualTo(soft(6));
    on(FIRST, moss);
    assertThat(cost(BenchRule.MIX)).isEqualTo(soft(12));
    on(SECOND, bark);
    assertThat(cost(BenchRule.MIX)).isEqualTo(soft(18));
  }

  @Test
  void whatLayOnADayStaysThereOrCosts() {
    var lay = new LittleJob();
    lay.before = Optional.of(FIRST.on());
    on(FIRST, lay);
    on(SECOND, new LittleJob());
    assertThat(cost(BenchRule.STAYS)).isEqualTo(soft(0));
    on(SECOND, lay);
    assertThat(cost(BenchRule.STAYS)).isEqualTo(soft(4));
    on(null, lay);
    assertThat(cost(BenchRule.STAYS)).isEqualTo(soft(8));
  }

  @Test
  void aRuleThatIsNotToCountCostsNothing() {
    on(FIRST, new LittleJob());
    on(FIRST, new LittleJob());
    var without = new Board(List.of(FIRST), seats, Weights.of(FIGURES, Set.of(BenchRule.ROOM)));
    var counted = new Counted(Solving.counting(), without);
    assertThat(counted.score().hardScore()).isZero();
    assertThat(counted.byRule().get(BenchRule.BEST)).isEqualTo(soft(8));
  }

  @Test
  void whatAnotherDayWouldCostIsAskedWithoutMovingAnything() {
    on(FIRST, new LittleJob());
    var counted = new Counted(Solving.counting(), board());
    var there = counted.with(seats.get(0), SECOND, counted::byRule);
    assertThat(there.get(BenchRule.BEST)).isEqualTo(soft(3));
    assertThat(seats.get(0).day()).isEqualTo(FIRST);
    assertThat(board().taken(FIRST)).isEqualTo(40);
    assertThat(board().taken(SECOND)).isZero();
  }
}
