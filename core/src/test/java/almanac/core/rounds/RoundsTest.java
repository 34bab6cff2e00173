package almanac.core.rounds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RoundsTest {
  /** A Thursday. */
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static final WalkingDays WEEKENDS =
      new WalkingDays(EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), List.of());

  private static ToLook<String> look(String what, int early, int best, int late) {
    return new ToLook<>(
        what, new Window(TODAY.plusDays(early), TODAY.plusDays(best), TODAY.plusDays(late)));
  }

  private static List<PlannedRound<String>> plan(WalkingDays days, List<ToLook<String>> looks) {
    return Rounds.plan(looks, days, TODAY, Figures.standard()).rounds();
  }

  @Test
  void oneWalkCatchesAllThatCanBeCaughtTogetherAndSaysWhyItIsThere() {
    var rounds =
        plan(WEEKENDS, List.of(look("a", 0, 3, 10), look("b", 2, 9, 20), look("c", 9, 10, 12)));

    assertThat(rounds).hasSize(1);
    assertThat(rounds.get(0).day()).isEqualTo(TODAY.plusDays(9)).isEqualTo("2026-12-05");
    assertThat(rounds.get(0).needed().what()).isEqualTo("a");
  }

  @Test
  void eachIsCaughtOnTheWalkNearestToItsBestDay() {
    var rounds =
        plan(
            WalkingDays.EVERY_DAY,
            List.of(look("a", 0, 0, 1), look("b", 20, 21, 22), look("c", 0, 20, 30)));

    assertThat(rounds).hasSize(2);
    assertThat(rounds.get(0).looks()).extracting(ToLook::what).containsExactly("a");
    assertThat(rounds.get(1).looks()).extracting(ToLook::what).containsExactly("b", "c");
  }

  @Test
  void ofTwoWalksAsNearTheFormerAndOfTwoDaysAsNearOneWithAWalk() {
    var rounds =
        plan(
            WalkingDays.EVERY_DAY,
            List.of(look("a", 0, 0, 0), look("b", 10, 10, 10), look("between", 0, 5, 10)));
    assertThat(rounds.get(0).looks()).extracting(ToLook::what).containsExactly("a", "between");

    // Away from the 28th to the 4th; the window lies in its middle, three days from either end.
    var away = List.of(new Away(TODAY.plusDays(2), TODAY.plusDays(8)));
    var days = new WalkingDays(WalkingDays.EVERY_DAY.weekdays(), away);
    assertThat(plan(days, List.of(look("m", 5, 5, 5))))
        .as("without any walk, on the former day")
        .extracting(PlannedRound::day)
        .containsExactly(TODAY.plusDays(1));
    var anyway = plan(days, List.of(look("m", 5, 5, 5), look("c", 9, 9, 9)));
    assertThat(anyway).extracting(PlannedRound::day).containsExactly(TODAY.plusDays(9));
    assertThat(anyway.get(0).outside()).extracting(ToLook::what).containsExactly("m");
  }

  @Test
  void ofTheDaysOfAWalkTheOneNearestToAllThatItCatchesOrTheFirstOfThem() {
    assertThat(
            plan(
                WalkingDays.EVERY_DAY,
                List.of(look("a", 0, 1, 9), look("b", 0, 2, 9), look("c", 0, 7, 9))))
        .extracting(PlannedRound::day)
        .containsExactly(TODAY.plusDays(2));
    assertThat(plan(WalkingDays.EVERY_DAY, List.of(look("a", 0, 3, 9), look("b", 0, 6, 9))))
        .as("three to six are as near")
        .extracting(PlannedRound::day)
        .containsExactly(TODAY.plusDays(3));
  }

  @Test
  void overAHolidayTheNearestDayIsTakenAndSaidToBeOutside() {
    var away =
        new WalkingDays(
            WEEKENDS.weekdays(), List.of(new Away(TODAY.plusDays(4), TODAY.plusDays(20))));
    var rounds = plan(away, List.of(look("a", 6, 8, 9), look("b", 15, 17, 18)));

    assertThat(rounds).hasSize(2);
    assertThat(rounds.get(0).day()).isEqualTo("2026-11-29");
    assertThat(rounds.get(0).outside()).extracting(ToLook::what).containsExactly("a");
    assertThat(rounds.get(1).day()).isEqualTo("2026-12-19");
    assertThat(rounds.get(1).outside()).extracting(ToLook::what).containsExactly("b");
    assertThat(rounds).allSatisfy(round -> assertThat(round.looks()).isEmpty());
  }

  @Test
  void whatWasMissedIsSpreadTheLongestOverdueFirstAndNeverDropped() {
    var overdue = IntStream.range(0, 30).mapToObj(i -> look("o" + i, -60, -50, -1 - i)).toList();
    var rounds = plan(WEEKENDS, overdue);

    assertThat(rounds).extracting(round -> round.overdue().size()).containsExactly(12, 12, 6);
    assertThat(rounds.get(0).overdue().get(0).what()).isEqualTo("o29");
    assertThat(rounds.get(0).day()).isEqualTo("2026-11-28");
  }

  @Test
  void ofMoreThanAWalkHoldsThoseThatMayWaitLongestGoOnAnother() {
    var looks = IntStream.range(0, 40).mapToObj(i -> look("l" + i, 0, 5, 6 + i % 10)).toList();
    var rounds = plan(WalkingDays.EVERY_DAY, looks);

    assertThat(rounds)
        .extracting(round -> round.looks().size())
        .containsExactlyInAnyOrder(15, 15, 10);
    for (var round : rounds) {
      assertThat(round.looks())
          .allSatisfy(
              each ->
                  assertThat(round.day()).isBetween(each.window().early(), each.window().late()));
    }
    var one = IntStream.range(0, 20).mapToObj(i -> look("s" + i, 2, 2, 2)).toList();
    assertThat(plan(WEEKENDS, one)).as("on the only day all of them").hasSize(1);
  }

  @Test
  void whatWasMissedGoesWhereThereIsRoom() {
    var looks =
        Stream.concat(
                IntStream.range(0, 15).mapToObj(i -> look("d" + i, 0, 0, 0)),
                IntStream.range(0, 5).mapToObj(i -> look("o" + i, -9, -5, -3)))
            .toList();
    var rounds = plan(WalkingDays.EVERY_DAY, looks);
    assertThat(rounds.get(0).overdue()).as("the longest overdue all the same").hasSize(1);
    assertThat(rounds.get(1).overdue()).hasSize(4);
  }

  @Test
  void thousandsThatWereMissedAreSpreadOverAYearAndNoneIsDropped() {
    var overdue =
        IntStream.range(0, 3000).mapToObj(i -> look("o" + i, -60, -50, -1 - i % 40)).toList();
    var rounds = plan(WEEKENDS, overdue);
    assertThat(rounds.stream().mapToInt(round -> round.overdue().size()).sum()).isEqualTo(3000);
    assertThat(rounds).allSatisfy(round -> assertThat(round.overdue()).hasSizeBetween(1, 27));
  }

  @Test
  void whoIsAwayForYearsIsToldWhatFindsNoDay() {
    var away = new WalkingDays(WEEKENDS.weekdays(), List.of(new Away(TODAY, TODAY.plusYears(3))));
    var plan =
        Rounds.plan(
            List.of(look("missed", -9, -5, -3), look("due", 1, 2, 3)),
            away,
            TODAY,
            Figures.standard());
    assertThat(plan.rounds()).isEmpty();
    assertThat(plan.left()).extracting(ToLook::what).containsExactlyInAnyOrder("missed", "due");
  }

  @Test
  void withoutAWeekdayNothingCanBePlanned() {
    assertThatThrownBy(() -> new WalkingDays(Set.of(), List.of())).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Away(TODAY, TODAY.minusDays(1))).isInstanceOf(Refused.class);
  }

  @Test
  void noPlanNeedsFewerDaysAndEveryCheckIsCaughtOnceInItsWindow() {
    var random = new Random(14);
    int several = 0;
    int away = 0;
    for (int run = 0; run < 400; run++) {
      var days = days(random);
      away += days.away().isEmpty() ? 0 : 1;
      var looks = new ArrayList<ToLook<String>>();
      for (int i = 0; i < 1 + random.nextInt(6); i++) {
        int early = random.nextInt(10) - 3;
        int best = early + random.nextInt(4);
        looks.add(look("l" + i, early, best, Math.max(0, best + random.nextInt(4))));
      }
      var rounds = plan(days, looks);
      var caught = rounds.stream().flatMap(round -> round.looks().stream()).toList();
      var outside = rounds.stream().flatMap(round -> round.outside().stream()).toList();
      assertThat(caught.size() + outside.size()).isEqualTo(looks.size());
      for (var round : rounds) {
        assertThat(days.on(round.day())).isTrue();
        for (var each : round.looks()) {
          assertThat(round.day())
              .isBetween(each.window().early(), each.window().late())
              .isAfterOrEqualTo(TODAY);
        }
      }
      long needed = rounds.stream().filter(round -> !round.looks().isEmpty()).count();
      assertThat(needed).isEqualTo(fewest(days, caught));
      several += needed > 1 ? 1 : 0;
    }
    assertThat(several).as("plans with several walks").isGreaterThan(100);
    assertThat(away).as("plans round a holiday").isGreaterThan(50);
  }

  @Test
  void whatWasPlannedStaysAsItWasUntilTheDayOfItsFirstWalk() {
    var random = new Random(23);
    int passed = 0;
    int several = 0;
    for (int run = 0; run < 400; run++) {
      var days = days(random);
      var looks = new ArrayList<ToLook<String>>();
      for (int i = 0; i < 2 + random.nextInt(8); i++) {
        int early = 2 + random.nextInt(30);
        int best = early + random.nextInt(6);
        looks.add(look("l" + i, early, best, best + random.nextInt(6)));
      }
      var first = plan(days, looks);
      var from = first.get(0).day();
      several += first.size() > 1 ? 1 : 0;
      for (var day = TODAY; !day.isAfter(from); day = day.plusDays(1)) {
        assertThat(byDay(Rounds.plan(looks, days, day, Figures.standard()).rounds()))
            .isEqualTo(byDay(first));
        passed++;
      }
    }
    assertThat(passed).as("days on which it was planned anew").isGreaterThan(2000);
    assertThat(several).as("plans with several walks").isGreaterThan(200);
  }

  /** Who is looked at when; what was planned outside its window is overdue one day. */
  private static Map<LocalDate, Set<ToLook<String>>> byDay(List<PlannedRound<String>> rounds) {
    return rounds.stream()
        .collect(Collectors.toMap(PlannedRound::day, round -> Set.copyOf(round.all())));
  }

  @Test
  void aLeapDayAndTheNightsOnWhichClocksAreChangedAreDaysLikeAnyOther() {
    var leap = LocalDate.of(2028, 2, 29);
    var clocks = LocalDate.of(2028, 3, 26);
    var looks =
        List.of(
            new ToLook<>("leap", new Window(leap, leap, leap)),
            new ToLook<>("clocks", new Window(clocks, clocks, clocks)));
    var rounds =
        Rounds.plan(looks, WalkingDays.EVERY_DAY, leap.minusDays(3), Figures.standard()).rounds();
    assertThat(rounds).extracting(PlannedRound::day).containsExactly(leap, clocks);
  }

  private static WalkingDays days(Random random) {
    var weekdays = EnumSet.noneOf(DayOfWeek.class);
    for (var day : DayOfWeek.values()) {
      if (random.nextInt(3) > 0) {
        weekdays.add(day);
      }
    }
    weekdays.add(DayOfWeek.of(1 + random.nextInt(7)));
    var from = TODAY.plusDays(random.nextInt(8));
    return new WalkingDays(
        weekdays,
        random.nextInt(3) == 0
            ? List.of(new Away(from, from.plusDays(random.nextInt(6))))
            : List.of());
  }

  /** By trying every set of days. */
  private static int fewest(WalkingDays days, List<ToLook<String>> looks) {
    var all = days.between(TODAY, TODAY.plusDays(12));
    int fewest = Integer.MAX_VALUE;
    for (int set = 0; set < 1 << all.size(); set++) {
      int chosen = set;
      boolean caughtAll =
          looks.stream()
              .map(ToLook::window)
              .allMatch(
                  window ->
                      IntStream.range(0, all.size())
                          .filter(i -> (chosen >> i & 1) == 1)
                          .mapToObj(all::get)
                          .anyMatch(
                              day -> !day.isBefore(window.early()) && !day.isAfter(window.late())));
      if (caughtAll) {
        fewest = Math.min(fewest, Integer.bitCount(set));
      }
    }
    return fewest;
  }
}
