package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("long")
class BenchPlansTest {
  private static final Figures FIGURES = Figures.standard();

  private static final int AN_IDLE_DAY = 20;

  /** The Saturday and the Sunday a week from now. */
  private static final LocalDate SATURDAY = TODAY.plusDays(7);

  private static final LocalDate SUNDAY = TODAY.plusDays(8);

  private static BenchJob job(String name, int early, int best, int late, int minutes) {
    return new BenchJob(
        name,
        name,
        within(new Window(TODAY.plusDays(early), TODAY.plusDays(best), TODAY.plusDays(late))),
        minutes,
        false,
        60,
        "",
        Soundness.HEALTHY);
  }

  private static BenchJob.Days within(Window window) {
    return new BenchJob.Days(
        window, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
  }

  private static BenchJob hazard(String name, int minutes, Soundness soundness) {
    var job = job(name, 0, 0, 1, minutes);
    return new BenchJob(name, name, job.days(), minutes, true, 100, "", soundness);
  }

  private static BenchJob with(
      BenchJob job, String mix, LocalDate flowers, LocalDate pinned, LocalDate before) {
    return new BenchJob(
        job.id(),
        job.name(),
        new BenchJob.Days(
            job.days().window(),
            Optional.ofNullable(flowers),
            Optional.ofNullable(pinned),
            Optional.ofNullable(before),
            Optional.empty()),
        job.minutes(),
        job.hazard(),
        job.need(),
        mix,
        job.soundness());
  }

  private static BenchPlan plan(List<BenchDay> days, BenchJob... jobs) {
    return BenchPlans.plan(List.of(jobs), days, TODAY, FIGURES);
  }

  private static Map<String, LocalDate> where(BenchPlan plan) {
    return plan.days().stream()
        .flatMap(day -> day.jobs().stream().map(placed -> Map.entry(placed, day.day().on())))
        .collect(Collectors.toMap(each -> each.getKey().job().id(), Map.Entry::getValue));
  }

  private static Placed placed(BenchPlan plan, String name) {
    return plan.days().stream()
        .flatMap(day -> day.jobs().stream())
        .filter(each -> each.job().name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static List<BenchDay> weekend(int saturday, int sunday) {
    return List.of(new BenchDay(SATURDAY, saturday), new BenchDay(SUNDAY, sunday));
  }

  @Test
  void aJobLiesOnTheDayNearestToItsBest() {
    var plan = plan(weekend(60, 60), job("Skylark", 2, 9, 20, 30), job("Weir", 2, 7, 20, 30));

    assertThat(where(plan)).containsEntry("Skylark", SUNDAY).containsEntry("Weir", SATURDAY);
    assertThat(placed(plan, "Skylark").why())
        .hasToString("The bench day nearest to its best, 2027-05-24.");
    assertThat(placed(plan, "Weir").why()).hasToString("Its best day.");
  }

  @Test
  void whereTheBetterDayIsFullItSaysSo() {
    var plan =
        plan(
            weekend(60, 60),
            job("Skylark", 2, 8, 20, 40),
            with(job("Weir", 8, 8, 8, 45), "", null, null, null));

    assertThat(where(plan)).containsEntry("Weir", SUNDAY).containsEntry("Skylark", SATURDAY);
    assertThat(placed(plan, "Skylark").binding())
        .containsExactlyInAnyOrder(BenchRule.ROOM, BenchRule.IDLE);
    assertThat(placed(plan, "Skylark").why())
        .hasToString("2027-05-23 would be nearer to its best, but lacks 25 minutes for it.");
  }

  @Test
  void theSameMixIsMadeOnceWhereThatCostsLittle() {
    var alone = with(job("Skylark", 2, 8, 20, 20), "moss", null, null, null);
    var other = with(job("Weir", 7, 7, 7, 20), "moss", null, null, null);

    var plan = plan(weekend(60, 60), alone, other);

    assertThat(where(plan)).containsEntry("Skylark", SATURDAY);
    assertThat(placed(plan, "Skylark").why())
        .hasToString(
            "2027-05-23 would be nearer to its best, but its mix is made on this day anyway.");
  }

  @Test
  void noPlantIsMovedInFlower() {
    var plan = plan(weekend(60, 60), with(job("Weir", 2, 7, 20, 20), "", SUNDAY, null, null));
    assertThat(where(plan)).containsEntry("Weir", SUNDAY);
    assertThat(placed(plan, "Weir").binding()).containsExactly(BenchRule.FLOWERS);

    var never =
        plan(weekend(60, 60), with(job("Weir", 2, 7, 20, 20), "", SUNDAY.plusDays(1), null, null));
    assertThat(never.left().get(0).binding()).isEqualTo(BenchRule.FLOWERS);
    assertThat(never.left().get(0).why())
        .hasToString("It flowers until 2027-05-24: name a day after that.");
  }

  @Test
  void hazardsGoFirstAndOntoTheFirstDayOrOntoNone() {
    var days = List.of(new BenchDay(TODAY.plusDays(1), 60), new BenchDay(SATURDAY, 60));
    var plan = plan(days, job("Weir", 0, 1, 9, 45), hazard("Ferry", 45, Soundness.DOUBTFUL));
    assertThat(where(plan))
        .containsEntry("Ferry", TODAY.plusDays(1))
        .containsEntry("Weir", SATURDAY);

    var late = plan(weekend(60, 60), hazard("Ferry", 45, Soundness.DOUBTFUL));
    assertThat(late.left().get(0).why())
        .hasToString("It cannot wait for a bench day: take it in hand today.");
  }

  @Test
  void aHazardGoesBeforeManyThatAreOnlyNeeded() {
    var needed = IntStream.range(0, 5).mapToObj(i -> job("Weir " + i, 0, 1, 1, 9));
    var hazard = hazard("Ferry", 45, Soundness.DOUBTFUL);
    var plan =
        plan(
            List.of(new BenchDay(TODAY.plusDays(1), 45)),
            Stream.concat(needed, Stream.of(hazard)).toArray(BenchJob[]::new));
    assertThat(where(plan)).containsOnlyKeys("Ferry");
    assertThat(plan.left()).hasSize(5);
    var laid =
        IntStream.range(0, 5)
            .mapToObj(i -> with(job("Weir " + i, 0, 1, 1, 9), "", null, null, TODAY.plusDays(1)));
    var again =
        plan(
            List.of(new BenchDay(TODAY.plusDays(1), 45)),
            Stream.concat(laid, Stream.of(hazard)).toArray(BenchJob[]::new));
    assertThat(where(again)).as("also where they lay already").containsOnlyKeys("Ferry");
  }

  @Test
  void onADayHazardsComeFirstThenTheHealthyThenTheDoubtfulAndSuspectsLast() {
    var days = List.of(new BenchDay(TODAY, 600));
    var doubtful = job("Doubt", 0, 0, 9, 15);
    var plan =
        plan(
            days,
            hazard("Mealy", 15, Soundness.SUSPECT),
            new BenchJob("Doubt", "Doubt", doubtful.days(), 15, false, 50, "", Soundness.DOUBTFUL),
            with(job("Moss 1", 0, 0, 9, 15), "moss", null, null, null),
            with(job("Bark", 0, 0, 9, 15), "bark", null, null, null),
            with(job("Moss 2", 0, 0, 9, 15), "moss", null, null, null),
            hazard("Ferry", 15, Soundness.DOUBTFUL));

    assertThat(plan.days().get(0).jobs())
        .extracting(each -> each.job().name())
        .containsExactly("Ferry", "Bark", "Moss 1", "Moss 2", "Doubt", "Mealy");
  }

  @Test
  void whoPinsTooMuchIsToldHowMuchAndWhatMayWait() {
    var plan =
        plan(
            weekend(60, 60),
            with(job("Cordwain", 2, 7, 7, 57), "", null, SATURDAY, null),
            with(job("Skylark", 2, 7, 20, 40), "", null, SATURDAY, null));

    assertThat(plan.days().get(0).tooMuch().orElseThrow())
        .hasToString(
            "37 minutes too many: free 37 minutes, or let Skylark wait until 2027-05-23, which costs nothing.");
    assertThat(plan.cost().broken()).isEqualTo(37);
    assertThat(plan.days().get(0).jobs()).allSatisfy(each -> assertThat(each.pinned()).isTrue());
  }

  @Test
  void whatFindsNoDayIsNamedWithWhatWouldHelp() {
    assertThat(why(plan(List.of(), job("Weir", 0, 3, 9, 20))))
        .isEqualTo("There is no bench day: name one.");
    assertThat(why(plan(weekend(60, 60), job("Weir", 0, 3, 9, 90))))
        .isEqualTo("It takes 90 minutes, more than any bench day has.");
    assertThat(why(plan(weekend(60, 60), job("Weir", 0, 1, 3, 20))))
        .isEqualTo("No bench day lies from 2027-05-15 to 2027-05-18: name one.");
    assertThat(why(plan(weekend(60, 60), job("Weir", -9, -7, -3, 20))))
        .contains("No bench day lies");
    assertThat(
            why(
                plan(
                    weekend(60, 1),
                    with(job("Cordwain", 2, 7, 20, 30), "", null, SATURDAY, null),
                    job("Weir", 2, 7, 8, 45))))
        .isEqualTo(
            "2027-05-22 lacks 15 minutes for it: free them, or let Cordwain wait until 2027-05-29, which costs nothing.");
  }

  private static String why(BenchPlan plan) {
    assertThat(plan.left()).hasSize(1);
    return plan.left().get(0).why().toString();
  }

  @Test
  void ofHundredsTheMostNeededAreWeighedAndAllAreNamed() {
    var jobs = new ArrayList<BenchJob>();
    for (int i = 0; i < 300; i++) {
      jobs.add(job("j" + i, 0, 3, 20, 30));
    }
    jobs.add(with(job("pinned", 0, 3, 20, 30), "", null, SATURDAY, null));
    var plan = BenchPlans.plan(jobs, weekend(60, 60), TODAY, FIGURES);
    assertThat(where(plan)).hasSize(4).containsEntry("pinned", SATURDAY);
    assertThat(plan.left()).hasSize(297);
    assertThat(plan.left())
        .extracting(left -> left.why().toString())
        .contains("So many others are needed more; it waits for later days.");
  }

  /**
   * Three hundred jobs on sixty days: what is there at once keeps the rules, the other is better.
   */
  @Test
  void aFirstPlanOfManyJobsKeepsTheRulesAndTheOtherIsNoWorse() {
    var random = new Random(300);
    var days =
        IntStream.range(0, 60).mapToObj(i -> new BenchDay(TODAY.plusDays(7L * i), 240)).toList();
    var jobs = new ArrayList<BenchJob>();
    for (int i = 0; i < 300; i++) {
      int early = random.nextInt(300);
      int best = early + random.nextInt(30);
      jobs.add(job("p" + i, early, best, best + random.nextInt(60), 15 + random.nextInt(60)));
    }
    var first = BenchPlans.first(jobs, days, TODAY, FIGURES);
    var full = BenchPlans.plan(jobs, days, TODAY, FIGURES);
    assertThat(first.cost().broken()).isZero();
    assertThat(where(first)).hasSizeGreaterThan(100);
    assertThat(full.cost().left()).isLessThanOrEqualTo(first.cost().left());
    assertThat(first.days().stream().flatMap(day -> day.jobs().stream()))
        .allSatisfy(each -> assertThat(each.why().toString()).contains("at first sight"));
    assertThat(BenchPlans.atOnce(300)).isFalse();
    assertThat(BenchPlans.atOnce(40)).isTrue();
  }

  @Test
  void aBenchDayHasMinutes() {
    assertThatThrownBy(() -> new BenchDay(TODAY, 0)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new BenchDay(TODAY, 1441)).isInstanceOf(Refused.class);
  }

  @Test
  void aSmallChangeMovesLittle() {
    int kept = 0;
    int all = 0;
    for (int seed = 0; seed < 12; seed++) {
      var season = Seasons.of(seed);
      var first = BenchPlans.plan(season.jobs(), season.days(), TODAY, FIGURES);
      var was = where(first);
      var again = new ArrayList<BenchJob>();
      season.jobs().stream()
          .map(
              job ->
                  with(
                      job,
                      job.mix(),
                      job.days().flowersOver().orElse(null),
                      null,
                      was.get(job.id())))
          .forEach(again::add);
      assertThat(where(BenchPlans.plan(again, season.days(), TODAY, FIGURES)))
          .as("nothing changed, season %d", seed)
          .isEqualTo(was);
      again.add(job("new", 0, 5, 30, 15));
      var second = where(BenchPlans.plan(again, season.days(), TODAY, FIGURES));
      all += was.size();
      kept += (int) was.keySet().stream().filter(id -> was.get(id).equals(second.get(id))).count();
    }
    assertThat(all).isGreaterThan(30);
    assertThat(kept).as("of %d jobs stay on their day", all).isGreaterThan(all * 9 / 10);
  }

  @Test
  void noHardRuleIsEverBrokenAndNoPlanIsWorseThanTheGreedyOne() {
    int better = 0;
    int left = 0;
    for (int seed = 0; seed < 50; seed++) {
      var season = Seasons.of(seed);
      var plan = BenchPlans.plan(season.jobs(), season.days(), TODAY, FIGURES);
      assertThat(plan.cost().broken()).isZero();
      for (var day : plan.days()) {
        assertThat(day.taken()).isLessThanOrEqualTo(day.day().minutes());
        for (var each : day.jobs()) {
          assertThat(day.day().on())
              .isBetween(each.job().days().window().early(), each.job().days().window().late());
          assertThat(each.job().days().flowersOver().filter(day.day().on()::isBefore)).isEmpty();
        }
      }
      var greedy = greedy(season);
      assertThat(plan.cost()).as("season %d, greedy %s", seed, greedy).isLessThanOrEqualTo(greedy);
      better += plan.cost().compareTo(greedy) < 0 ? 1 : 0;
      left += plan.left().isEmpty() ? 0 : 1;
    }
    System.out.printf(
        "Of 50 seasons %d are better than greedy, %d leave something%n", better, left);
    assertThat(better).isGreaterThan(10);
    assertThat(left).isGreaterThan(10);
  }

  /** The most needed first, each onto the nearest day that has room. */
  private static BenchPlan.Cost greedy(Seasons.Season season) {
    var pinned = new ArrayList<BenchJob>();
    var room =
        season.days().stream().collect(Collectors.toMap(Function.identity(), BenchDay::minutes));
    season.jobs().stream()
        .sorted(
            Comparator.comparing((BenchJob job) -> !job.hazard()).thenComparing(job -> -job.need()))
        .forEach(
            job -> {
              var day =
                  season.days().stream()
                      .filter(each -> job.mayLieOn(each.on()) && room.get(each) >= job.minutes())
                      .min(Comparator.comparing(each -> job.offBest(each.on())));
              day.ifPresent(each -> room.merge(each, -job.minutes(), Integer::sum));
              pinned.add(
                  with(
                      job,
                      job.mix(),
                      job.days().flowersOver().orElse(null),
                      day.map(BenchDay::on).orElse(null),
                      null));
            });
    // Those without a day are kept from every one, so that nothing is left to the solver.
    var fixed =
        pinned.stream()
            .map(
                job ->
                    job.days().pinned().isPresent()
                        ? job
                        : with(job, job.mix(), LocalDate.MAX, null, null))
            .toList();
    var plan = BenchPlans.plan(fixed, season.days(), TODAY, FIGURES);
    return new BenchPlan.Cost(
        plan.cost().broken(), plan.cost().left(), plan.cost().wishes() + AN_IDLE_DAY * idle(plan));
  }

  /** Empty days on which something could be done that lies later. */
  private static long idle(BenchPlan plan) {
    return plan.days().stream()
        .filter(day -> day.jobs().isEmpty())
        .filter(
            day ->
                plan.days().stream()
                    .filter(later -> later.day().on().isAfter(day.day().on()))
                    .flatMap(later -> later.jobs().stream())
                    .map(Placed::job)
                    .anyMatch(
                        job ->
                            job.mayLieOn(day.day().on()) && job.minutes() <= day.day().minutes()))
        .count();
  }

  @Test
  void noDayStaysEmptyWhileAJobCouldBeDoneOnIt() {
    var near = job("Skylark", 2, 20, 25, 40);
    var far = new BenchDay(TODAY.plusDays(20), 60);
    var days = List.of(weekend(60, 60).get(0), far);
    assertThat(where(plan(days, near))).containsEntry("Skylark", SATURDAY);
    assertThat(where(plan(days, near, job("Weir", 2, 7, 7, 40))))
        .as("the day is used anyway")
        .containsEntry("Skylark", far.on());
    assertThat(where(plan(days, job("Skylark", 8, 20, 25, 40))))
        .as("it cannot be done so early")
        .containsEntry("Skylark", far.on());
  }

  /** A job that is months late is not pushed off for ever by what closes soon. */
  @Test
  void whatIsLongLateGoesBeforeWhatMayBeMissed() {
    var one = List.of(weekend(60, 60).get(0), new BenchDay(TODAY.plusDays(21), 60));
    var closing = job("Closing", 0, 7, 9, 60);
    assertThat(where(plan(one, late("Late", 8), closing)))
        .as("a week late it waits for what would be missed")
        .containsEntry("Closing", SATURDAY)
        .containsEntry("Late", TODAY.plusDays(21));
    assertThat(where(plan(one, late("Late", 120), closing))).containsEntry("Late", SATURDAY);
  }

  private static BenchJob late(String name, int days) {
    var job = job(name, 0, 0, 28, 60);
    var asked =
        new AskedFor(
            TODAY.minusDays(days + 20L), Optional.of(TODAY.minusDays(days)), Optional.empty());
    return new BenchJob(
        name,
        name,
        new BenchJob.Days(
            job.days().window(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.of(asked)),
        60,
        false,
        60,
        "",
        Soundness.HEALTHY);
  }

  @Test
  void whatLiesOnTodayStaysThereAllDay() {
    var today = new BenchDay(TODAY, 60);
    var days = List.of(today, weekend(60, 60).get(0));
    var lies = with(job("Skylark", 0, 7, 20, 40), "", null, null, TODAY);
    var plan = plan(days, lies, job("Weir", 0, 0, 20, 40));
    assertThat(where(plan)).containsEntry("Skylark", TODAY).containsEntry("Weir", SATURDAY);
    assertThat(placed(plan, "Skylark").pinned()).isFalse();
    assertThat(placed(plan, "Skylark").why())
        .hasToString("It lies on today, and stays there all day.");
    assertThat(where(plan(days, lies, hazard("Rot", 40, Soundness.DOUBTFUL))))
        .as("but for what cannot wait")
        .containsEntry("Rot", TODAY)
        .containsEntry("Skylark", SATURDAY);
    var small = with(job("Small", 0, 7, 20, 20), "", null, null, TODAY);
    assertThat(where(plan(days, small, hazard("Rot", 40, Soundness.DOUBTFUL))))
        .as("beside which there is room")
        .containsEntry("Rot", TODAY)
        .containsEntry("Small", TODAY);
    assertThat(where(plan(days, with(job("Skylark", 3, 7, 20, 40), "", null, null, TODAY))))
        .as("it has to wait by now")
        .containsEntry("Skylark", SATURDAY);
  }

  @Test
  void whatWasDoneTodayLeavesLessRoomButPushesNothingOff() {
    var worked = new BenchDay(TODAY, 120).after(90);
    var days = List.of(worked, weekend(60, 60).get(0));
    var lies = with(job("Skylark", 0, 7, 20, 40), "", null, null, TODAY);

    var plan = plan(days, lies, job("Weir", 0, 0, 20, 20));

    assertThat(where(plan))
        .as("30 minutes are left: too few for the one that stays, none for another")
        .containsEntry("Skylark", TODAY)
        .containsEntry("Weir", SATURDAY);
    assertThat(plan.days().get(0).tooMuch().orElseThrow())
        .hasToString(
            "10 minutes too many: free 10 minutes, or let Skylark wait until 2027-05-22,"
                + " which costs nothing.");
    assertThat(where(plan(days, job("Weir", 0, 0, 20, 20)))).containsEntry("Weir", TODAY);
    assertThat(where(plan(days, job("Skylark", 0, 0, 20, 40)))).containsEntry("Skylark", SATURDAY);
    assertThat(new BenchDay(TODAY, 60).after(90).room()).isZero();
  }

  @Test
  void theRuleThatIsNamedIsTheOneThatBinds() {
    var named = new EnumMap<BenchRule, Integer>(BenchRule.class);
    for (int seed = 0; seed < 40; seed++) {
      var season = Seasons.of(new Random(seed), 9, 4);
      var plan = BenchPlans.plan(season.jobs(), season.days(), TODAY, FIGURES);
      for (var day : plan.days()) {
        for (var placed : day.jobs()) {
          if (placed.binding().isEmpty()) {
            continue;
          }
          placed.binding().forEach(rule -> named.merge(rule, 1, Integer::sum));
          var without =
              BenchPlans.plan(
                  allButOnePinned(plan, placed.job()),
                  season.days(),
                  TODAY,
                  FIGURES,
                  placed.binding());
          assertThat(where(without).get(placed.job().id()))
              .as("%s without %s", placed, placed.binding())
              .isNotEqualTo(day.day().on());
        }
      }
    }
    assertThat(named).containsKeys(BenchRule.ROOM, BenchRule.FLOWERS, BenchRule.MIX);
  }

  /** The jobs that lie on a day, all but one as if somebody had chosen it. */
  private static List<BenchJob> allButOnePinned(BenchPlan plan, BenchJob free) {
    return plan.days().stream()
        .flatMap(
            day ->
                day.jobs().stream()
                    .map(Placed::job)
                    .map(
                        job ->
                            job == free
                                ? job
                                : with(
                                    job,
                                    job.mix(),
                                    job.days().flowersOver().orElse(null),
                                    day.day().on(),
                                    null)))
        .toList();
  }
}
