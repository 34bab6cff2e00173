package almanac.core.trainer;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which case comes next. Rules: The trainer. */
public final class Turn {
  /** Some odd number that scatters names, so that neighbours in a list do not come in a row. */
  private static final int SCATTER = 0x9E3779B1;

  private final Map<String, List<Answered>> byCase;
  private final List<Answered> answers;
  private final LocalDate today;
  private final Figures figures;

  /**
   * @param answers all that were ever given, in their order
   */
  public Turn(List<Answered> answers, LocalDate today, Figures figures) {
    this.answers = answers;
    this.today = today;
    this.figures = figures;
    this.byCase =
        answers.stream()
            .collect(
                Collectors.groupingBy(Answered::asked, LinkedHashMap::new, Collectors.toList()));
  }

  /**
   * What is to come back first, the longest due before the others; then what was never asked, one
   * sort after the other.
   *
   * @param sorts the names of all cases, by sort
   * @return nothing where all is known, or not due yet
   */
  public Optional<String> next(List<List<String>> sorts) {
    var there = sorts.stream().flatMap(List::stream).collect(Collectors.toSet());
    return due().stream().filter(there::contains).findFirst().or(() -> anew(sorts));
  }

  /** The cases that are to come back by today, the longest due first. */
  public List<String> due() {
    var due = new LinkedHashMap<String, LocalDate>();
    byCase.forEach(
        (key, given) ->
            Again.of(given, figures)
                .due()
                .filter(day -> !day.isAfter(today))
                .ifPresent(day -> due.put(key, day)));
    return due.entrySet().stream()
        .sorted(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .toList();
  }

  /** How many are known by now. */
  public long known() {
    return byCase.values().stream().filter(given -> Again.of(given, figures).known()).count();
  }

  private Optional<String> anew(List<List<String>> sorts) {
    var unasked = new ArrayList<List<String>>();
    for (var sort : sorts) {
      unasked.add(sort.stream().filter(key -> !byCase.containsKey(key)).toList());
    }
    for (int i = 0; i < sorts.size(); i++) {
      var sort = unasked.get((answers.size() + i) % sorts.size());
      if (!sort.isEmpty()) {
        return sort.stream().min(Comparator.comparing(key -> key.hashCode() * SCATTER));
      }
    }
    return Optional.empty();
  }
}
