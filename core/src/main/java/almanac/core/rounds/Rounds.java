package almanac.core.rounds;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
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

  /** A walk that has to be, with the days on which it can be. */
  private record Group<T>(List<LocalDate> possible, List<ToLook<T>> looks, ToLook<T> needed) {}

  /** The walks from today on, in their order. */
  public static <T> List<PlannedRound<T>> plan(
      List<ToLook<T>> all, WalkingDays days, LocalDate today, Figures figures) {
    var rounds = new Rounds<T>(days, today, figures.count(RoundFigures.MOST_OVERDUE));
    return rounds.plan(all);
  }

  private List<PlannedRound<T>> plan(List<ToLook<T>> all) {
    var overdue = new ArrayList<ToLook<T>>();
    var caught = new ArrayList<ToLook<T>>();
    var missed = new ArrayList<ToLook<T>>();
    for (var look : all) {
      if (look.window().late().isBefore(today)) {
        overdue.add(look);
      } else if (possible(look).isEmpty()) {
        missed.add(look);
      } else {
        caught.add(look);
      }
    }
    groups(caught).forEach(this::walk);
    nearer(caught);
    missed.forEach(this::outside);
    spread(overdue);
    return walks.entrySet().stream()
        .map(
            each ->
                new PlannedRound<>(
                    each.getKey(),
                    each.getValue().looks,
                    each.getValue().outside,
                    each.getValue().overdue,
                    each.getValue().needed))
        .toList();
  }

  /** The walking days on which a look is caught inside its window. */
  private List<LocalDate> possible(ToLook<T> look) {
    var window = look.window();
    return days.between(window.early().isBefore(today) ? today : window.early(), window.late());
  }

  private static boolean holds(ToLook<?> look, LocalDate day) {
    return !day.isBefore(look.window().early()) && !day.isAfter(look.window().late());
  }

  private List<Group<T>> groups(List<ToLook<T>> caught) {
    var left = new ArrayList<>(caught);
    left.sort(Comparator.comparing(this::last));
    var groups = new ArrayList<Group<T>>();
    while (!left.isEmpty()) {
      var needed = left.get(0);
      var day = last(needed);
      var looks = left.stream().filter(look -> holds(look, day)).toList();
      left.removeAll(looks);
      var possible = new ArrayList<>(possible(needed));
      looks.forEach(look -> possible.removeIf(each -> !holds(look, each)));
      groups.add(new Group<>(possible, looks, needed));
    }
    return groups;
  }

  private LocalDate last(ToLook<T> look) {
    var possible = possible(look);
    return possible.get(possible.size() - 1);
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

  /** Each is looked at on the walk that lies nearest to its best day. */
  private void nearer(List<ToLook<T>> caught) {
    for (var look : caught) {
      var possible = walks.keySet().stream().filter(day -> holds(look, day)).toList();
      at(nearest(possible, day -> apart(day, look.window().best()))).looks.add(look);
    }
  }

  /** On the walking day that lies nearest to its window; rather on one that there is anyway. */
  private void outside(ToLook<T> look) {
    var window = look.window();
    var candidates =
        days.between(
            window.early().minusDays(SEARCHED_DAYS).isBefore(today)
                ? today
                : window.early().minusDays(SEARCHED_DAYS),
            window.late().plusDays(SEARCHED_DAYS));
    if (candidates.isEmpty()) {
      return;
    }
    var day =
        nearest(
            candidates,
            each ->
                4
                        * (each.isBefore(window.early())
                            ? apart(each, window.early())
                            : apart(each, window.late()))
                    + (walks.containsKey(each) ? 0 : 1));
    at(day).outside.add(look);
  }

  /** The longest overdue first, and so many a walk that nobody is overrun. */
  private void spread(List<ToLook<T>> overdue) {
    var left = new ArrayList<>(overdue);
    left.sort(Comparator.comparing(look -> look.window().late()));
    for (var day : days.between(today, today.plusDays(SEARCHED_DAYS))) {
      if (left.isEmpty()) {
        return;
      }
      var some = left.subList(0, Math.min(mostOverdue, left.size()));
      at(day).overdue.addAll(some);
      some.clear();
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

  private static long apart(LocalDate one, LocalDate other) {
    return Math.abs(ChronoUnit.DAYS.between(one, other));
  }
}
