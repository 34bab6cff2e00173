package almanac.core.rounds;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Plans walks. As few days as possible catch every check inside its window: whoever goes on the
 * last day on which the most pressing check can still be caught, and takes along all others that
 * can be caught on that day, needs no more days than anybody. Rules: Rounds.
 *
 * @param <T> what is looked at
 */
public final class Rounds<T> {
  /** In so many days the farthest holiday ends. */
  private static final int SEARCHED_DAYS = 400;

  private final WalkingDays days;
  private final LocalDate today;
  private final int mostOverdue;
  private final TreeMap<LocalDate, Walk<T>> walks = new TreeMap<>();
  private final List<ToLook<T>> left = new ArrayList<>();

  private Rounds(WalkingDays days, LocalDate today, int mostOverdue) {
    this.days = days;
    this.today = today;
    this.mostOverdue = mostOverdue;
  }

  private static final class Walk<T> {
    private final List<ToLook<T>> looks = new ArrayList<>();
    private final List<ToLook<T>> outside = new ArrayList<>();
    private final List<ToLook<T>> overdue = new ArrayList<>();
    private @Nullable ToLook<T> needed;
  }

  /** A look that can be caught, with the last walking day on which it is. */
  private record Caught<T>(ToLook<T> look, LocalDate last) {}

  /** A walk that has to be, with the days on which it can be. */
  private record Group<T>(List<LocalDate> possible, List<ToLook<T>> looks, ToLook<T> needed) {}

  /** The walks from today on, in their order. */
  public static <T> RoundsPlan<T> plan(
      List<ToLook<T>> all, WalkingDays days, LocalDate today, Figures figures) {
    var rounds = new Rounds<T>(days, today, figures.count(RoundFigures.MOST_OVERDUE));
    return rounds.plan(all);
  }

  private RoundsPlan<T> plan(List<ToLook<T>> all) {
    var overdue = new ArrayList<ToLook<T>>();
    var caught = new ArrayList<Caught<T>>();
    var missed = new ArrayList<ToLook<T>>();
    for (var look : all) {
      if (look.window().late().isBefore(today)) {
        overdue.add(look);
      } else {
        days.last(early(look), look.window().late())
            .ifPresentOrElse(last -> caught.add(new Caught<>(look, last)), () -> missed.add(look));
      }
    }
    groups(caught).forEach(this::walk);
    nearer(caught);
    missed.forEach(this::outside);
    spread(overdue);
    return new RoundsPlan<>(
        walks.entrySet().stream()
            .map(
                each ->
                    new PlannedRound<>(
                        each.getKey(),
                        each.getValue().looks,
                        each.getValue().outside,
                        each.getValue().overdue,
                        each.getValue().needed))
            .toList(),
        left);
  }

  /** The first day on which a look is caught, walking day or not. */
  private LocalDate early(ToLook<T> look) {
    return later(look.window().early(), today);
  }

  private List<Group<T>> groups(List<Caught<T>> caught) {
    var left = caught.stream().sorted(Comparator.comparing(Caught::last)).toList();
    var groups = new ArrayList<Group<T>>();
    while (!left.isEmpty()) {
      var needed = left.get(0);
      var byDay =
          left.stream()
              .collect(
                  Collectors.partitioningBy(
                      each -> !each.look().window().early().isAfter(needed.last())));
      var looks = byDay.get(true).stream().map(Caught::look).toList();
      left = byDay.get(false);
      var from = looks.stream().map(this::early).reduce(today, Rounds::later);
      groups.add(new Group<>(days.between(from, needed.last()), looks, needed.look()));
    }
    return groups;
  }

  /** On that of its days which lies nearest to the best of all it catches. */
  private void walk(Group<T> group) {
    var day =
        nearest(
            group.possible(),
            each ->
                group.looks().stream().mapToLong(look -> apart(each, look.window().best())).sum());
    at(day).needed = group.needed();
  }

  /** Each is looked at on the walk that lies nearest to its best day; of two, on the former. */
  private void nearer(List<Caught<T>> caught) {
    for (var each : caught) {
      var look = each.look();
      var window = look.window();
      var possible = walks.subMap(early(look), true, window.late(), true);
      var before = possible.floorKey(window.best());
      var after = possible.ceilingKey(window.best());
      var day =
          before == null
                  || after != null && apart(after, window.best()) < apart(before, window.best())
              ? after
              : before;
      at(Objects.requireNonNull(day)).looks.add(look);
    }
  }

  /** On the walking day that lies nearest to its window; of two, on one that there is anyway. */
  private void outside(ToLook<T> look) {
    var window = look.window();
    var before = days.last(today, window.early());
    var after = days.first(window.late(), window.late().plusDays(SEARCHED_DAYS));
    Stream.of(before, after)
        .flatMap(Optional::stream)
        .min(
            Comparator.comparing((LocalDate day) -> outside(day, window))
                .thenComparing(day -> !walks.containsKey(day))
                .thenComparing(Comparator.naturalOrder()))
        .ifPresentOrElse(day -> at(day).outside.add(look), () -> left.add(look));
  }

  private static long outside(LocalDate day, Window window) {
    return day.isBefore(window.early()) ? apart(day, window.early()) : apart(day, window.late());
  }

  /** The longest overdue first, and so many a walk that nobody is overrun, if that can be. */
  private void spread(List<ToLook<T>> overdue) {
    var waiting =
        overdue.stream()
            .sorted(Comparator.comparing(look -> look.window().late()))
            .collect(Collectors.toCollection(ArrayDeque::new));
    var possible = days.between(today, today.plusDays(SEARCHED_DAYS));
    if (possible.isEmpty()) {
      left.addAll(waiting);
      return;
    }
    int each = Math.max(mostOverdue, -Math.floorDiv(-waiting.size(), possible.size()));
    for (var day : possible) {
      for (int i = 0; i < each && !waiting.isEmpty(); i++) {
        at(day).overdue.add(waiting.remove());
      }
    }
  }

  private Walk<T> at(LocalDate day) {
    return walks.computeIfAbsent(day, each -> new Walk<>());
  }

  private static LocalDate nearest(List<LocalDate> days, ToLongFunction<LocalDate> how) {
    return days.stream()
        .min(Comparator.comparingLong(how).thenComparing(Comparator.naturalOrder()))
        .orElseThrow();
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  private static long apart(LocalDate one, LocalDate other) {
    return Math.abs(ChronoUnit.DAYS.between(one, other));
  }
}
