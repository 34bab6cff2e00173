package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.moments.DayAhead;
import almanac.core.judgement.moments.Moment;
import almanac.core.judgement.moments.MonthsAhead;
import almanac.core.judgement.moments.Reach;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** The year ahead of a plant, week by week, is the year that its slip was judged by. */
class MonthsAheadTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Judge HOUSE = new Judge(FIGURES);

  private static MonthsAhead ahead(Situation situation) {
    return HOUSE.monthsAhead(situation, HOUSE.judge(situation));
  }

  private static List<DayAhead> weeks(PlantAtHand plant) {
    return ahead(plant.situation()).weeks();
  }

  private static void holds(Reach reach) {
    assertThat(reach.least()).isBetween(0.0, reach.likely());
    assertThat(reach.most()).isBetween(reach.likely(), 100.0);
  }

  @Test
  void theFirstDayIsTheSlipOfTodayAndEachLiesInItsRange() {
    int wide = 0;
    int apart = 0;
    for (var generated : Generated.plants()) {
      var situation = generated.plant().situation();
      var slip = HOUSE.judge(situation);
      var weeks = HOUSE.monthsAhead(situation, slip).weeks();
      assertThat(weeks).hasSize(53);
      var today = weeks.get(0);
      assertThat(today.day()).isEqualTo(situation.today());
      assertThat(today.need())
          .as("%s", generated)
          .isEqualTo(
              new Reach(Math.round(slip.need()), Math.round(slip.need()), Math.round(slip.need())));
      assertThat(today.readiness().likely()).isEqualTo(Math.round(slip.readiness()));
      assertThat(today.readiness().most()).isEqualTo(Math.round(slip.weighed().readinessMost()));
      for (var week : weeks) {
        holds(week.need());
        holds(week.readiness());
        wide += week.need().least() < week.need().most() ? 1 : 0;
        apart += week.readiness().least() < week.readiness().most() ? 1 : 0;
      }
    }
    assertThat(wide).as("weeks of an uncertain need").isGreaterThan(10_000);
    assertThat(apart).as("weeks of an uncertain readiness").isGreaterThan(10_000);
  }

  /** What was held against today is a point of the same curve. */
  @Test
  void eachMomentThatTheSlipWeighedLiesOnTheCurve() {
    int met = 0;
    for (var generated : Generated.plants()) {
      var situation = generated.plant().situation();
      var slip = HOUSE.judge(situation);
      if (slip.verdict() == Verdict.RESCUE
          || situation.kind().of(Trait.READY_RULE) == ReadyRule.START_OF_GROWTH) {
        continue;
      }
      var ahead = HOUSE.monthsAhead(situation, slip);
      var end = situation.today().plusWeeks(52);
      for (var moment : slip.ahead().moments()) {
        if (!moment.likely().isAfter(end) && !justShowing(moment)) {
          var then = ahead.on(moment.likely());
          assertThat(then.need().likely()).as("%s %s", generated, moment).isEqualTo(moment.need());
          assertThat(then.readiness().likely())
              .as("%s %s", generated, moment)
              .isEqualTo(moment.readiness());
          met++;
        }
      }
    }
    assertThat(met).as("moments").isGreaterThan(2000);
  }

  /** Roots that would come in the dark are weighed as if they showed on its last light day. */
  private static boolean justShowing(Moment moment) {
    return moment.foretold() && moment.likely().equals(moment.latest());
  }

  @Test
  void aMediumThatMayBeOlderThanItSeemsMayBeDueEarlier() {
    var weeks = weeks(PlantAtHand.of("oncidium").potted(8).saw(Items.NEW_ROOTS, RootStage.NONE));
    var likely = firstWith(weeks, week -> week.need().likely() >= 25);
    var earliest = firstWith(weeks, week -> week.need().most() >= 25);
    var latest = firstWith(weeks, week -> week.need().least() >= 25);
    assertThat(earliest).isBefore(likely);
    assertThat(latest).isAfter(likely);
  }

  private static LocalDate firstWith(List<DayAhead> weeks, Predicate<DayAhead> wanted) {
    return weeks.stream().filter(wanted).map(DayAhead::day).findFirst().orElse(LocalDate.MAX);
  }

  private static List<String> said(PlantAtHand plant) {
    return ahead(plant.situation()).words().stream().map(Object::toString).toList();
  }

  @Test
  void theYearIsSaidInASentenceOrTwo() {
    var due = PlantAtHand.of("oncidium").potted(26).saw(Items.NEW_ROOTS, RootStage.NUB);
    assertThat(said(due).get(0)).isEqualTo("It wants a move by now.");
    assertThat(said(due).get(1)).startsWith("Its next move is expected between 2027-05-15 and ");
    var young = PlantAtHand.of("oncidium").potted(8).saw(Items.NEW_ROOTS, RootStage.NONE);
    assertThat(said(young).get(0))
        .matches("It (comes|may come) to want a move (between|from) .*2028.*");
    var fresh =
        PlantAtHand.of("oncidium")
            .potted(0, Mix.of(Component.PUMICE))
            .saw(Items.NEW_ROOTS, RootStage.NONE);
    assertThat(said(fresh).get(0)).isEqualTo("In this year nothing makes it want a move.");
  }

  @Test
  void nubsOfTodayAreReadyNowAndLessSoOnceTheyAreLong() {
    var weeks =
        weeks(
            PlantAtHand.of("oncidium")
                .potted(20, Mix.of(Component.BARK_MEDIUM))
                .saw(Items.NEW_ROOTS, RootStage.NUB));
    double now = weeks.get(0).readiness().likely();
    assertThat(weeks.get(9).readiness().likely()).isLessThan(now - 10);
    assertThat(weeks.stream().filter(week -> !week.open()).count())
        .as("dark weeks of its sill")
        .isBetween(8L, 30L);
  }
}
