package almanac.core.history;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All that was written about one plant, in the order of writing; nothing is ever removed. An act
 * that was taken back does not count; one that was corrected counts as its correction says, in its
 * own place.
 */
public final class Journal {
  private final List<Line> lines;

  /** By their numbers; empty as long as no act stands against another. */
  private final TreeMap<Long, Act> acts;

  private final Map<Long, Standing> overruled;
  private final List<Line> holding;

  private Journal(List<Line> lines) {
    this.lines = List.copyOf(lines);
    this.acts = new TreeMap<>();
    if (this.lines.stream().anyMatch(line -> line.act().supersedes() != null)) {
      this.lines.forEach(line -> acts.put(line.act().id(), line.act()));
    }
    this.overruled = overruled();
    this.holding = counting();
  }

  /**
   * @param lines every line in the order of writing, also those that do not hold
   * @throws IllegalArgumentException if there is none
   */
  public static Journal of(List<Line> lines) {
    if (lines.isEmpty()) {
      throw new IllegalArgumentException("A journal begins with a line");
    }
    return new Journal(lines);
  }

  /** The same journal with more lines at its end. */
  public Journal and(List<Line> more) {
    return new Journal(Stream.concat(lines.stream(), more.stream()).toList());
  }

  private Map<Long, Standing> overruled() {
    if (acts.isEmpty()) {
      return Map.of();
    }
    var against = new TreeMap<Long, @Nullable Long>();
    acts.values().forEach(act -> against.put(act.id(), act.supersedes()));
    return Overruled.of(against, withdrawals());
  }

  private Set<Long> withdrawals() {
    var ids = new HashSet<Long>();
    for (var line : lines) {
      if (line.happening() instanceof Happening.Withdrawn) {
        ids.add(line.act().id());
      }
    }
    return ids;
  }

  private List<Line> counting() {
    return inOrder().stream()
        .filter(line -> standing(line.act()) == Standing.HOLDS)
        .filter(line -> !(line.happening() instanceof Happening.Withdrawn))
        .toList();
  }

  /**
   * The journal as it stood before an act that holds: with what was known by then, as it reads now.
   *
   * @return nothing if the plant was not here yet
   */
  public Optional<Journal> before(Act act) {
    long own = root(act).id();
    return known(
        each ->
            root(each).id() != own
                && !each.on().isAfter(act.on())
                && (each.on().isBefore(act.on()) || root(each).id() < own));
  }

  /**
   * The journal as it stood on the evening of a day: with what was known by then, as it reads now.
   *
   * @return nothing if the plant was not here yet
   */
  public Optional<Journal> until(LocalDate day) {
    return known(each -> !each.on().isAfter(day));
  }

  private Optional<Journal> known(Predicate<Act> by) {
    var known =
        holding.stream()
            .map(Line::act)
            .filter(by)
            .map(each -> root(each).id())
            .collect(Collectors.toSet());
    return known.contains(lines.get(0).act().id())
        ? Optional.of(
            new Journal(
                lines.stream().filter(line -> known.contains(root(line.act()).id())).toList()))
        : Optional.empty();
  }

  /** Every line, what corrects another beside what it corrects. */
  public List<Line> inOrder() {
    return acts.isEmpty()
        ? lines
        : lines.stream().sorted(Comparator.comparing(line -> root(line.act()).id())).toList();
  }

  /** Every line in the order of writing. */
  public List<Line> lines() {
    return lines;
  }

  /**
   * The lines that count, in the order in which they do: what corrects another in the place of what
   * it corrects. What takes something back is not among them.
   */
  public List<Line> holding() {
    return holding;
  }

  /** Whether an act of this journal holds. */
  public Standing standing(Act act) {
    return overruled.getOrDefault(act.id(), Standing.HOLDS);
  }

  /** The act of that name, if this journal has a line of it. */
  public Optional<Act> act(UUID uid) {
    return lines.stream().map(Line::act).filter(act -> act.uid().equals(uid)).findFirst();
  }

  /** The act that another one stands against. */
  public Optional<Act> superseded(Act by) {
    return Optional.ofNullable(by.supersedes()).map(acts::get);
  }

  /**
   * Whether two acts count in one place, as corrections of the same. It comes to that where a
   * correction that was taken back is put back although there is another by now.
   */
  public boolean twoInOnePlace() {
    var counting = new HashMap<Long, Long>();
    for (var line : holding) {
      var other = counting.putIfAbsent(root(line.act()).id(), line.act().id());
      if (other != null && other != line.act().id()) {
        return true;
      }
    }
    return false;
  }

  /**
   * What was written first of all that this act corrects; the act itself if it corrects nothing.
   */
  private Act root(Act act) {
    var root = act;
    while (root.supersedes() != null) {
      root = Objects.requireNonNull(acts.get(root.supersedes()));
    }
    return root;
  }

  /** Whether a line, or what it corrects, belongs to the act that brought the plant here. */
  public boolean ofArrival(Line line) {
    return root(line.act()).id() == lines.get(0).act().id();
  }

  /** Whether the plant is in the collection at all: the act that brought it was not taken back. */
  public boolean begun() {
    return standing(lines.get(0).act()) != Standing.TAKEN_BACK;
  }
}
