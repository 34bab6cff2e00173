package almanac.core.trainer;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.LookSpot;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A plant on a day, without its verdict. Rules: The trainer.
 *
 * @param situation with what had been seen by then
 * @param knows what a look would have shown that nobody had taken
 */
public record TrainingCase(
    Situation situation, Approach approach, Map<LookSpot, Finding<?>> knows) {
  public TrainingCase {
    knows = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(knows));
  }

  /** The things of which it knows more than had been seen. */
  public Set<Item<?>> known() {
    return knows.keySet().stream().map(LookSpot::item).collect(Collectors.toSet());
  }

  /** The looks that can be taken first, in the order in which growers look. */
  public List<Item<?>> mayLook(Figures figures) {
    var judged = judged(Set.of(), figures);
    return DecidingLooks.cheap().stream()
        .filter(item -> DecidingLooks.possible(item, situation, judged))
        .filter(item -> !seenToday(item))
        .<Item<?>>map(item -> item)
        .toList();
  }

  private boolean seenToday(Item<?> item) {
    return situation.history().inspections().stream()
        .filter(seen -> seen.on().equals(situation.today()))
        .anyMatch(seen -> (seen.items() & item.bit()) != 0);
  }

  /** How it is judged once those things have been looked at. */
  public Judgement judged(Set<Item<?>> looked, Figures figures) {
    return new Judge(figures, approach).judge(after(looked));
  }

  /** The same plant once those things have been looked at. */
  public Situation after(Set<Item<?>> looked) {
    var shown = new LinkedHashMap<LookSpot, Finding<?>>();
    knows.forEach(
        (spot, finding) -> {
          if (looked.contains(spot.item())) {
            shown.put(spot, finding);
          }
        });
    return shown.isEmpty()
        ? situation
        : situation.with(situation.history().and(Inspection.kept(situation.today(), shown)));
  }

  /** What the learner left unseen. */
  Set<Item<?>> unseen(Set<Item<?>> looked) {
    var unseen = new ArrayList<>(known());
    unseen.removeAll(looked);
    return Set.copyOf(unseen);
  }
}
