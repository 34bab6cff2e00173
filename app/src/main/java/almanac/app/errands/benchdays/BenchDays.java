package almanac.app.errands.benchdays;

import static java.nio.charset.StandardCharsets.UTF_8;

import almanac.app.errands.benchdays.BenchDayTable.Lay;
import almanac.app.errands.benchdays.JobsAhead.Ahead;
import almanac.app.ground.disk.Sha256;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.record.rules.Rules;
import almanac.core.benchdays.BenchDay;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.BenchPlan;
import almanac.core.benchdays.BenchPlans;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Plans the bench days anew whenever what they rest on has changed. */
@Service
public class BenchDays {
  private final BenchDayTable table;
  private final JobsAhead ahead;
  private final Rules rules;
  private final Planner planner;
  private final TransactionTemplate writing;
  private final AtomicReference<@Nullable Solved> solved = new AtomicReference<>();

  BenchDays(
      BenchDayTable table,
      JobsAhead ahead,
      Rules rules,
      Planner planner,
      PlatformTransactionManager transactions) {
    this.table = table;
    this.ahead = ahead;
    this.rules = rules;
    this.planner = planner;
    this.writing = new TransactionTemplate(transactions);
  }

  /** A plan with the plants of its jobs, by the names of these. */
  record Planned(BenchPlan plan, Map<String, Ahead> jobs, String version) {}

  private record Asked(
      List<BenchJob> jobs, List<BenchDay> days, LocalDate today, Figures figures) {}

  private record Solved(Asked asked, BenchPlan plan) {}

  /** How the days lie on a day. */
  public BenchPlan planOn(LocalDate today) {
    return on(today).plan();
  }

  /** The bench days from a day on. */
  public List<BenchDay> from(LocalDate day) {
    return table.days().stream().filter(each -> !each.on().isBefore(day)).toList();
  }

  /** On which of them the job of a plant lay in the last plan. */
  public Map<Long, LocalDate> laid(LocalDate day) {
    return table.jobs().entrySet().stream()
        .filter(job -> !job.getValue().on().isBefore(day))
        .collect(Collectors.toMap(Map.Entry::getKey, job -> job.getValue().on()));
  }

  /** The plan as it is on a day. */
  Planned on(LocalDate today) {
    return plan(today, table.days(), table.jobs());
  }

  /** Says on which days somebody has time and what is to be done on which, without planning. */
  @Transactional
  public void intend(List<BenchDay> days, Map<Long, LocalDate> pins) {
    table.setDays(days);
    table.setJobs(
        pins.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, pin -> new Lay(pin.getValue(), true))));
  }

  /**
   * Plans with other days or other wishes, and keeps where each job comes to lie. Whoever writes
   * meanwhile does not wait for the plan.
   *
   * @param days in their order, each once
   * @param pins the plants whose day somebody chose
   * @param lying where the jobs lie that are best left there; as they lie now if nobody says
   * @param version of what is changed; nothing if that does not matter
   * @throws BadEntry if a day is named twice, or one is chosen that is no bench day
   * @throws Conflict if it was changed meanwhile
   */
  Planned keep(
      List<BenchDay> days,
      Map<Long, LocalDate> pins,
      Optional<Map<Long, LocalDate>> lying,
      Optional<String> version,
      LocalDate today) {
    refuse(days, pins);
    var before = table.jobs();
    var present = version(table.days(), before);
    if (version.filter(known -> !known.equals(present)).isPresent()) {
      if (days.equals(table.days()) && pins.equals(pinned(before))) {
        // It was sent before, and its answer was lost on the way.
        return on(today);
      }
      throw changed();
    }
    var laid = new HashMap<Long, Lay>();
    lying
        .orElseGet(() -> lying(before))
        .forEach((plant, day) -> laid.put(plant, new Lay(day, false)));
    pins.forEach((plant, day) -> laid.put(plant, new Lay(day, true)));
    var planned = plan(today, days, laid);
    var lies = new HashMap<Long, Lay>();
    for (var day : planned.plan().days()) {
      for (var each : day.jobs()) {
        lies.put(Long.parseLong(each.job().id()), new Lay(day.day().on(), each.pinned()));
      }
    }
    writing.executeWithoutResult(
        status -> {
          if (!version(table.days(), table.jobs()).equals(present)) {
            throw changed();
          }
          table.setDays(days);
          table.setJobs(lies);
        });
    return new Planned(planned.plan(), planned.jobs(), version(days, lies));
  }

  private static Conflict changed() {
    return new Conflict(
        "The bench days were changed in another window. Load them again to go on from there.");
  }

  private static Map<Long, LocalDate> pinned(Map<Long, Lay> jobs) {
    return jobs.entrySet().stream()
        .filter(job -> job.getValue().pinned())
        .collect(Collectors.toMap(Map.Entry::getKey, job -> job.getValue().on()));
  }

  /** Where the jobs lie of which nobody chose the day. */
  private static Map<Long, LocalDate> lying(Map<Long, Lay> jobs) {
    return jobs.entrySet().stream()
        .filter(job -> !job.getValue().pinned())
        .collect(Collectors.toMap(Map.Entry::getKey, job -> job.getValue().on()));
  }

  /** The same for the same days and the same choices, and another for all others. */
  private static String version(List<BenchDay> days, Map<Long, Lay> jobs) {
    return Sha256.of("%s %s".formatted(days, new TreeMap<>(jobs)).getBytes(UTF_8));
  }

  private static void refuse(List<BenchDay> days, Map<Long, LocalDate> pins) {
    var named = new HashSet<LocalDate>();
    for (int i = 0; i < days.size(); i++) {
      if (!named.add(days.get(i).on())) {
        throw new BadEntry("days[%d].on".formatted(i), "This day is named twice.");
      }
    }
    pins.forEach(
        (plant, day) -> {
          if (!named.contains(day)) {
            throw new BadEntry("pins", "%s is no bench day.".formatted(day));
          }
        });
  }

  private Planned plan(LocalDate today, List<BenchDay> days, Map<Long, Lay> laid) {
    var until = days.stream().map(BenchDay::on).reduce(today, (a, b) -> a.isAfter(b) ? a : b);
    var jobs = ahead.on(today, until, laid);
    var asked = new Asked(jobs.stream().map(Ahead::job).toList(), days, today, rules.figures());
    return new Planned(
        solve(asked),
        jobs.stream().collect(Collectors.toMap(each -> each.job().id(), each -> each)),
        version(days, laid));
  }

  private BenchPlan solve(Asked asked) {
    return known(asked)
        .orElseGet(() -> planner.plan(() -> known(asked).orElseGet(() -> anew(asked))));
  }

  /** Somebody else may have asked for the same, and waited for less. */
  private Optional<BenchPlan> known(Asked asked) {
    return Optional.ofNullable(solved.get())
        .filter(known -> known.asked().equals(asked))
        .map(Solved::plan);
  }

  private BenchPlan anew(Asked asked) {
    var plan = BenchPlans.plan(asked.jobs(), asked.days(), asked.today(), asked.figures());
    solved.set(new Solved(asked, plan));
    return plan;
  }
}
