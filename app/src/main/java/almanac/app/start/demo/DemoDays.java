package almanac.app.start.demo;

import almanac.app.errands.benchdays.BenchDays;
import almanac.app.errands.rounds.DaysKept;
import almanac.core.benchdays.BenchDay;
import almanac.core.rounds.Away;
import almanac.core.rounds.WalkingDays;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The lock keeper's spring: two bench days, the first of them over-full, and a week away. */
@Component
class DemoDays {
  private final BenchDays bench;
  private final DaysKept rounds;

  DemoDays(BenchDays bench, DaysKept rounds) {
    this.bench = bench;
    this.rounds = rounds;
  }

  void all(LocalDate today, Map<String, DemoPlant> plants) {
    var saturday = today.with(TemporalAdjusters.next(DayOfWeek.SATURDAY));
    bench.intend(
        List.of(new BenchDay(saturday, 75), new BenchDay(saturday.plusDays(1), 180)),
        Map.of(
            plants.get("Promenaea Small Coin").id(), saturday,
            plants.get("Catasetum Windlass").id(), saturday));
    rounds.set(
        new WalkingDays(
            WalkingDays.EVERY_DAY.weekdays(),
            List.of(new Away(saturday.plusDays(9), saturday.plusDays(15)))));
  }
}
