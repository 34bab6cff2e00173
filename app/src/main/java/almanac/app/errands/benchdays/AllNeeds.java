package almanac.app.errands.benchdays;

import almanac.app.errands.bench.DayPlan;
import almanac.app.errands.bench.Job;
import almanac.app.errands.bench.Jobs;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.core.stock.Wanted;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * One sum of all that the bench takes: jobs that are open, plants that were pulled aside, and what
 * lies on the bench days or waits for one.
 */
@Component
class AllNeeds {
  private final BenchDays days;
  private final Jobs jobs;
  private final Plants plants;
  private final DayPlan needs;

  AllNeeds(BenchDays days, Jobs jobs, Plants plants, DayPlan needs) {
    this.days = days;
    this.jobs = jobs;
    this.plants = plants;
    this.needs = needs;
  }

  /** What is in hand needs, and what runs short for all of it. */
  DayPlan.Needs on(LocalDate today) {
    var inHand = inHand();
    return needs.of(inHand, today, lacking(inHand, days.on(today), today));
  }

  /** What runs short, whatever takes it. */
  List<DayPlan.Lacking> lacking(BenchDays.Planned planned, LocalDate today) {
    return lacking(inHand(), planned, today);
  }

  private List<DayPlan.Lacking> lacking(
      List<PlantInPlace> inHand, BenchDays.Planned planned, LocalDate today) {
    var wanted = new ArrayList<Wanted>();
    var known = new HashSet<Long>();
    for (var plant : inHand) {
      known.add(plant.id());
      wanted.add(needs.wanted(plant, today, today));
    }
    for (var day : planned.plan().days()) {
      day.jobs()
          .forEach(each -> add(each.job().id(), day.day().on(), planned, known, wanted, today));
    }
    for (var left : planned.plan().left()) {
      var late = left.job().days().window().late();
      var by = late.isBefore(today) ? today : late;
      add(left.job().id(), by, planned, known, wanted, today);
    }
    return needs.lacking(wanted);
  }

  private void add(
      String job,
      LocalDate by,
      BenchDays.Planned planned,
      Set<Long> known,
      List<Wanted> wanted,
      LocalDate today) {
    var plant = planned.jobs().get(job).plant();
    if (known.add(plant.id())) {
      wanted.add(needs.wanted(plant, today, by));
    }
  }

  /** Whose job is open, and those that were pulled aside for the bench. */
  private List<PlantInPlace> inHand() {
    var open = jobs.open().stream().map(Job::plantId).collect(Collectors.toSet());
    return plants.all().stream()
        .filter(plant -> open.contains(plant.id()) || plant.card().inHand().asideOn() != null)
        .toList();
  }
}
