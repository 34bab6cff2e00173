package almanac.core.rounds;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
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
 * can be caught on that day, needs no more days than anybody. Of more than anybody looks at on one
 * walk those that may wait longest go on another. Rules: Rounds.
 *
 * @param <T> what is looked at
 */
public final class Rounds<T> {
  /** In so many days the farthest holiday ends. */
  private static final int SEARCHED_DAYS = 400;

  private final WalkingDays days;
  private final LocalDate today;
  private final int most;
  private final int mostOverdue;
  private final TreeMap<LocalDate, Walk<T>> walks = new TreeMap<>();
  private final Map<ToLook<T>, Walk<T>> walkOf = new IdentityHashMap<>();
  private final List<ToLook<T>> left = new ArrayList<>();

  private Rounds(WalkingDays days, LocalDate today, Figures figures) {
    this.days = days;
    this.today = today;
    this.most = figures.count(RoundFigures.MOST);
    this.mostOverdue = figures.count(RoundFigures.MOST_OVERDUE);
  }

  private static final class Walk<T> {
    private final List<ToLook<T>> looks = new ArrayList<>();
    private final List<ToLook<T>> outside = new ArrayList<>();
    private final List<ToLook<T>> overdue = new ArrayList<>();
    private @Nullable ToLook<T> needed;
    private int caught;

    int size() {
      return looks.size() + outside.size() + overdue.size();
    }
  }

  /** A look that can be caught, with the last walking day on which it is. */
  private record Caught<T>(ToLook<T> look, LocalDate last) {}

  /** A walk that has to be, with the days on which it can be. */
  private record Group<T>(List<LocalDate> possible, List<ToLook<T>> looks, ToLook<T> needed) {}

  /** The walks from today on, in their order. */
  public static <T> RoundsPlan<T> plan(
      List<ToLook<T>> all, WalkingDays days, LocalDate today, Figures figures) {
    return new Rounds<T>(days, today, figures).plan(all);
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
    caught.forEach(each -> nearer(each.look()));
    caught.forEach(each -> Objects.requireNonNull(walkOf.get(each.look())).looks.add(each.look()));
    walks.values().removeIf(walk -> walk.looks.isEmpty());
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
      var together = byDay.get(true);
      int size = Math.min(most, together.size());
      var looks = together.subList(0, size).stream().map(Caught::look).toList();
      left =
          Stream.concat(together.stream().skip(size), byDay.get(false).stream())
              .sorted(Comparator.comparing(Caught::last))
              .toList();
      var from = looks.stream().map(this::early).reduce(today, Rounds::later);
      groups.add(new Group<>(days.between(from, needed.last()), looks, needed.look()));
    }
    return groups;
  }

  /** On that of its days which lies nearest to the best of all it catches, rather on a free one. */
  private void walk(Group<T> group) {
    var free = group.possible().stream().filter(each -> !walks.containsKey(each)).toList();
    var day =
        nearest(
            free.isEmpty() ? group.possible() : free,
            each ->
                group.looks().stream().mapToLong(look -> apart(each, look.window().best())).sum());
    at(day).needed = group.needed();
    at(day).caught += group.looks().size();
    group.looks().forEach(look -> walkOf.put(look, at(day)));
  }

  /**
   * Each is looked at on the walk with room that lies nearest to its best day; of two, the former.
   */
  private void nearer(ToLook<T> look) {
    var best = look.window().best();
    var own = Objects.requireNonNull(walkOf.get(look));
    walks.subMap(early(look), true, look.window().late(), true).entrySet().stream()
        .filter(each -> each.getValue() == own || each.getValue().caught < most)
        .min(Comparator.comparingLong(each -> apart(each.getKey(), best)))
        .ifPresent(
            each -> {
              own.caught--;
              each.getValue().caught++;
              walkOf.put(look, each.getValue());
            });
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
      for (int i = room(day, each); i > 0 && !waiting.isEmpty(); i--) {
        at(day).overdue.add(waiting.remove());
      }
    }
    waiting.forEach(look -> at(possible.get(possible.size() - 1)).overdue.add(look));
  }

  /** For how many that were missed there is room on a day that should take so many. */
  private int room(LocalDate day, int wanted) {
    var there = walks.get(day);
    int room = there == null ? most : most - there.size();
    return wanted > most ? wanted : Math.max(1, Math.min(wanted, room));
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
