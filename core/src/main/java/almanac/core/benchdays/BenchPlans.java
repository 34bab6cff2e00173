package almanac.core.benchdays;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Lays jobs on bench days, and says of each why it lies where it does. Rules: Bench days. */
public final class BenchPlans {
  private static final Comparator<BenchJob> TURN =
      Comparator.comparing((BenchJob job) -> job.soundness() == Soundness.SUSPECT)
          .thenComparing(job -> !job.hazard())
          .thenComparing(BenchJob::soundness)
          .thenComparing(BenchJob::mix);

  /** Nobody does more in the days of one plan; those that are needed least wait for other days. */
  private static final int MOST = 300;

  /** So many are laid within two seconds. */
  private static final int AT_ONCE = 60;

  private BenchPlans() {}

  /**
   * The best plan that is found.
   *
   * @param jobs each with an id of its own; those on one day that are equal otherwise keep this
   *     order
   * @param days each once
   */
  public static BenchPlan plan(
      List<BenchJob> jobs, List<BenchDay> days, LocalDate today, Figures figures) {
    return plan(jobs, days, today, figures, new Asker());
  }

  /** Whether so many jobs are laid at once, or a first plan is worth having meanwhile. */
  public static boolean atOnce(int jobs) {
    return jobs <= AT_ONCE;
  }

  /** A plan that keeps all the rules and is there within two seconds; a better one takes longer. */
  public static BenchPlan first(
      List<BenchJob> jobs, List<BenchDay> days, LocalDate today, Figures figures) {
    return plan(jobs, days, today, figures, Set.of(), new Asker(), false);
  }

  /**
   * The same for somebody who may leave before it is found.
   *
   * @throws CancellationException if they did
   */
  public static BenchPlan plan(
      List<BenchJob> jobs, List<BenchDay> days, LocalDate today, Figures figures, Asker asker) {
    return plan(jobs, days, today, figures, Set.of(), asker, true);
  }

  /** The same as if some rules did not count. */
  static BenchPlan plan(
      List<BenchJob> jobs,
      List<BenchDay> days,
      LocalDate today,
      Figures figures,
      Set<BenchRule> without) {
    return plan(jobs, days, today, figures, without, new Asker(), true);
  }

  private static BenchPlan plan(
      List<BenchJob> jobs,
      List<BenchDay> days,
      LocalDate today,
      Figures figures,
      Set<BenchRule> without,
      Asker asker,
      boolean settled) {
    var ahead =
        days.stream()
            .filter(day -> !day.on().isBefore(today))
            .sorted(Comparator.comparing(BenchDay::on))
            .toList();
    var weighed = jobs.size() <= MOST ? jobs : mostNeeded(jobs);
    var seats = seats(weighed, ahead, today);
    var board = new Board(ahead, seats, Weights.of(figures, without));
    if (!ahead.isEmpty() && seats.stream().anyMatch(seat -> !seat.pinned())) {
      board = settled ? Solving.solve(board, asker) : Solving.first(board, asker);
    }
    var counted = new Counted(Solving.counting(), board);
    if (settled) {
      settle(board, counted);
    }
    return told(board, counted, jobs, today, figures, settled);
  }

  /** In their order; those that somebody pinned are always among them. */
  private static List<BenchJob> mostNeeded(List<BenchJob> jobs) {
    var most =
        jobs.stream()
            .sorted(
                Comparator.comparing((BenchJob job) -> job.days().pinned().isEmpty())
                    .thenComparing(job -> !job.hazard())
                    .thenComparing(job -> -job.need()))
            .limit(MOST)
            .collect(Collectors.toSet());
    return jobs.stream().filter(most::contains).toList();
  }

  /**
   * Hazards choose first. A new one is laid before all others, wherever those lay: it may need the
   * room of several of them, and no single move makes that.
   */
  private static List<JobSeat> seats(List<BenchJob> jobs, List<BenchDay> days, LocalDate today) {
    boolean anew =
        jobs.stream()
            .filter(BenchJob::hazard)
            .anyMatch(job -> job.days().before().flatMap(day -> day(day, days)).isEmpty());
    var stay = stayToday(jobs, days, today, anew);
    return jobs.stream()
        .sorted(Comparator.comparing(job -> !job.hazard()))
        .map(job -> seat(job, days, stay.contains(job), anew && !job.hazard()))
        .toList();
  }

  /**
   * What lies on today stays there all day; beside a new hazard as much as there is room for, what
   * is late and what is needed most first.
   */
  private static Set<BenchJob> stayToday(
      List<BenchJob> jobs, List<BenchDay> days, LocalDate today, boolean anew) {
    var lying =
        jobs.stream()
            .filter(job -> job.days().pinned().isEmpty())
            .filter(job -> job.days().before().filter(today::equals).isPresent())
            .filter(job -> job.mayLieOn(today))
            .sorted(
                Comparator.comparing((BenchJob job) -> !job.hazard())
                    .thenComparing(job -> !job.late())
                    .thenComparing(job -> -job.need()))
            .toList();
    if (!anew) {
      return Set.copyOf(lying);
    }
    int room =
        day(today, days).map(BenchDay::room).orElse(0)
            - jobs.stream()
                .filter(job -> job.hazard() && !lying.contains(job) && job.mayLieOn(today))
                .mapToInt(BenchJob::minutes)
                .sum();
    var stay = new HashSet<BenchJob>();
    for (var job : lying) {
      if (job.minutes() <= room) {
        stay.add(job);
        room -= job.minutes();
      }
    }
    return stay;
  }

  /**
   * @param stays whether it lies on today, and stays there
   * @param anew whether it is laid as if it had lain nowhere before
   */
  private static JobSeat seat(BenchJob job, List<BenchDay> days, boolean stays, boolean anew) {
    var pinned = job.days().pinned().flatMap(day -> day(day, days));
    var lay = job.days().before().filter(job::mayLieOn);
    var before = anew && !stays ? Optional.<LocalDate>empty() : lay;
    return new JobSeat(
        job,
        pinned.or(() -> before.flatMap(day -> day(day, days))).orElse(null),
        pinned.isPresent() || stays);
  }

  private static Optional<BenchDay> day(LocalDate on, List<BenchDay> days) {
    return days.stream().filter(day -> day.on().equals(on)).findFirst();
  }

  /** The search ends near the top of a hill; from there each job takes the best day left to it. */
  private static void settle(Board board, Counted counted) {
    boolean better = true;
    while (better) {
      better = false;
      for (var seat : board.seats()) {
        better |= !seat.pinned() && settle(seat, board, counted);
      }
    }
    counted.score();
  }

  private static boolean settle(JobSeat seat, Board board, Counted counted) {
    HardMediumSoftLongScore best = counted.score();
    BenchDay better = null;
    for (var day : board.days()) {
      if (day.equals(seat.day()) || !seat.job().mayLieOn(day.on())) {
        continue;
      }
      var score = counted.with(seat, day, counted::score);
      if (score.compareTo(best) > 0) {
        best = score;
        better = day;
      }
    }
    if (better != null) {
      seat.lay(better);
    }
    return better != null;
  }

  private static BenchPlan told(
      Board board,
      Counted counted,
      List<BenchJob> jobs,
      LocalDate today,
      Figures figures,
      boolean settled) {
    var score = counted.score();
    var weighed = board.seats().stream().map(JobSeat::job).collect(Collectors.toSet());
    Function<JobSeat, Placed> why =
        settled ? new Reasons(board, counted, today)::placed : Reasons::atFirst;
    var help = new Help(board, figures);
    var planned =
        board.days().stream()
            .map(
                day ->
                    new PlannedDay(
                        day,
                        board.seats().stream()
                            .filter(seat -> day.equals(seat.day()))
                            .sorted(Comparator.comparing(JobSeat::job, TURN))
                            .map(why)
                            .toList(),
                        help.tooMuch(day)))
            .toList();
    var left =
        Stream.concat(
                board.seats().stream()
                    .filter(seat -> !seat.lies())
                    .map(seat -> help.left(seat, today)),
                jobs.stream().filter(job -> !weighed.contains(job)).map(Help::others))
            .sorted(
                Comparator.comparing((Left each) -> !each.job().hazard())
                    .thenComparing(each -> -each.job().need()))
            .toList();
    return new BenchPlan(
        planned,
        left,
        new BenchPlan.Cost(-score.hardScore(), -score.mediumScore(), -score.softScore()));
  }
}
