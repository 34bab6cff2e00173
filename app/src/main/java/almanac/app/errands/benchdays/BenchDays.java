package almanac.app.errands.benchdays;

import static java.nio.charset.StandardCharsets.UTF_8;

import almanac.app.errands.benchdays.BenchDayTable.Lay;
import almanac.app.errands.benchdays.JobsAhead.Ahead;
import almanac.app.ground.disk.Sha256;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Conflict;
import almanac.app.record.rules.Rules;
import almanac.core.benchdays.AskedFor;
import almanac.core.benchdays.BenchDay;
import almanac.core.benchdays.BenchJob;
import almanac.core.benchdays.BenchPlan;
import almanac.core.benchdays.BenchPlans;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Plans the bench days anew whenever what they rest on has changed. */
@Service
public class BenchDays {
  private static final Logger LOG = LoggerFactory.getLogger(BenchDays.class);

  private final BenchDayTable table;
  private final JobsAhead ahead;
  private final Paces paces;
  private final Rules rules;
  private final Planner planner;
  private final Improving improving;
  private final TransactionTemplate writing;
  private final AtomicReference<@Nullable Solved> solved = new AtomicReference<>();

  BenchDays(
      BenchDayTable table,
      JobsAhead ahead,
      Paces paces,
      Rules rules,
      Planner planner,
      Improving improving,
      PlatformTransactionManager transactions) {
    this.table = table;
    this.ahead = ahead;
    this.paces = paces;
    this.rules = rules;
    this.planner = planner;
    this.improving = improving;
    this.writing = new TransactionTemplate(transactions);
  }

  /**
   * A plan with the plants of its jobs, by the names of these.
   *
   * @param first whether a better one is still searched for
   */
  record Planned(BenchPlan plan, boolean first, Map<String, Ahead> jobs, String version) {}

  private record Asked(List<BenchJob> jobs, List<BenchDay> days, LocalDate today, Figures figures) {
    /** The same, asked once more after its jobs lie as planned. */
    Asked lyingAs(BenchPlan plan) {
      var lies = new HashMap<String, LocalDate>();
      plan.days()
          .forEach(day -> day.jobs().forEach(each -> lies.put(each.job().id(), day.day().on())));
      return new Asked(
          jobs.stream()
              .map(
                  job ->
                      job.lying(
                          Optional.ofNullable(lies.get(job.id()))
                              .or(() -> job.days().asked().flatMap(AskedFor::missed))))
              .toList(),
          days,
          today,
          figures);
    }
  }

  /**
   * A plan that was made.
   *
   * @param answers to what; once its jobs lie as planned, the same is asked in other words
   * @param first whether a better one is still searched for
   */
  private record Solved(List<Asked> answers, BenchPlan plan, boolean first) {
    static Solved of(Asked asked, BenchPlan plan, boolean first) {
      return new Solved(List.of(asked, asked.lyingAs(plan)), plan, first);
    }

    /** The better one answers to whoever saw the first, too. */
    Solved better(Asked asked, BenchPlan plan) {
      return new Solved(
          Stream.concat(answers.stream(), Stream.of(asked.lyingAs(plan))).toList(), plan, false);
    }
  }

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

  /**
   * The plan as it is on a day. Where each job comes to lie is kept, so that what lies on a day
   * stays there all day, and what was not done on it says so.
   */
  Planned on(LocalDate today) {
    var days = table.days();
    var before = table.jobs();
    var planned = plan(today, days, before);
    var lies = Lays.of(planned.plan(), before, today);
    if (!lies.equals(before)) {
      keep(days, before, lies);
    }
    return new Planned(planned.plan(), planned.first(), planned.jobs(), version(days, lies));
  }

  /** Unless they were changed meanwhile, or cannot be kept now; then the next plan keeps them. */
  private void keep(List<BenchDay> days, Map<Long, Lay> before, Map<Long, Lay> lies) {
    try {
      writing.executeWithoutResult(
          status -> {
            if (table.days().equals(days) && table.jobs().equals(before)) {
              table.setJobs(lies);
            }
          });
    } catch (DataAccessException | TransactionException e) {
      LOG.warn("Where the jobs lie is not kept", e);
    }
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
    var named = new NamedDays(days.stream().map(BenchDay::on).toList());
    pins.values().forEach(day -> named.refuseOther(day, "pins"));
    var before = table.jobs();
    var present = version(table.days(), before);
    if (version.filter(known -> !known.equals(present)).isPresent()) {
      if (days.equals(table.days()) && pins.equals(Lays.pinned(before))) {
        // It was sent before, and its answer was lost on the way.
        return on(today);
      }
      throw changed();
    }
    var laid = new HashMap<Long, Lay>();
    lying
        .orElseGet(() -> Lays.lying(before))
        .forEach(
            (plant, day) ->
                laid.put(plant, new Lay(day, false, Lays.missed(before, plant, today))));
    pins.forEach(
        (plant, day) -> laid.put(plant, new Lay(day, true, Lays.missed(before, plant, today))));
    var planned = plan(today, days, laid);
    var lies = Lays.of(planned.plan(), laid, today);
    writing.executeWithoutResult(
        status -> {
          if (!version(table.days(), table.jobs()).equals(present)) {
            throw changed();
          }
          table.setDays(days);
          table.setJobs(lies);
        });
    return new Planned(planned.plan(), planned.first(), planned.jobs(), version(days, lies));
  }

  private static Conflict changed() {
    return new Conflict(
        "The bench days were changed in another window. Load them again to go on from there.");
  }

  /** The same for the same days and the same choices, and another for all others. */
  private static String version(List<BenchDay> days, Map<Long, Lay> jobs) {
    return Sha256.of("%s %s".formatted(days, new TreeMap<>(Lays.pinned(jobs))).getBytes(UTF_8));
  }

  private Planned plan(LocalDate today, List<BenchDay> days, Map<Long, Lay> laid) {
    var until = days.stream().map(BenchDay::on).reduce(today, (a, b) -> a.isAfter(b) ? a : b);
    var jobs = ahead.on(today, until, laid);
    var open =
        days.stream()
            .map(day -> day.on().equals(today) ? day.after(paces.worked(today)) : day)
            .toList();
    var asked = new Asked(jobs.stream().map(Ahead::job).toList(), open, today, rules.figures());
    var plan = solve(asked);
    return new Planned(
        plan.plan(),
        plan.first(),
        jobs.stream().collect(Collectors.toMap(each -> each.job().id(), each -> each)),
        version(days, laid));
  }

  private Solved solve(Asked asked) {
    var known = known(asked);
    if (known.isPresent()) {
      return known.get();
    }
    improving.leave();
    return planner.plan(() -> known(asked).orElseGet(() -> anew(asked)));
  }

  /** Somebody else may have asked for the same, and waited for less. */
  private Optional<Solved> known(Asked asked) {
    return Optional.ofNullable(solved.get()).filter(known -> known.answers().contains(asked));
  }

  /** Few jobs are laid at once; many at first as well as can be seen in a moment. */
  private Solved anew(Asked asked) {
    boolean atOnce = BenchPlans.atOnce(asked.jobs().size());
    var plan =
        atOnce
            ? BenchPlans.plan(asked.jobs(), asked.days(), asked.today(), asked.figures())
            : BenchPlans.first(asked.jobs(), asked.days(), asked.today(), asked.figures());
    var made = Solved.of(asked, plan, !atOnce);
    solved.set(made);
    if (!atOnce) {
      improving.search(
          asker ->
              BenchPlans.plan(asked.jobs(), asked.days(), asked.today(), asked.figures(), asker),
          better -> solved.compareAndSet(made, made.better(asked, better)));
    }
    return made;
  }
}
