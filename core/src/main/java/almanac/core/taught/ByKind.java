package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.TreeMap;

/**
 * How moves of one ready rule came out, and of each kind under it. So that three plants never
 * shout, each kind counts from what its rule came to, each rule from what all moves here came to,
 * and these from what is assumed. Rules: What it taught.
 *
 * @param kinds those of which enough moves tell, by their names
 */
public record ByKind(Lessons.Line rule, List<Lessons.Line> kinds) {
  /** A move of a plant of a kind. */
  public record OfKind(Kind kind, MoveTold told) {
    private boolean opened() {
      return !told.move().whole() && told.move().sort() != MoveMade.Sort.LIFT;
    }

    private boolean tells() {
      return told.afterwards().outcome().tells();
    }
  }

  /** Each ready rule of which some moves tell, those with the most first. */
  public static List<ByKind> of(Collection<OfKind> known, Figures figures) {
    var opened = known.stream().filter(OfKind::opened).filter(OfKind::tells).toList();
    double assumed = figures.of(LearningFigures.ANY) / 100;
    double all = line("", opened, assumed, figures).chance().likely();
    var rules = new EnumMap<ReadyRule, List<OfKind>>(ReadyRule.class);
    opened.forEach(
        each ->
            rules
                .computeIfAbsent(each.kind().of(Trait.READY_RULE), none -> new ArrayList<>())
                .add(each));
    return rules.entrySet().stream()
        .map(each -> rule(each.getKey(), each.getValue(), all, figures))
        .sorted(Comparator.comparing((ByKind each) -> each.rule().chance().of()).reversed())
        .toList();
  }

  private static ByKind rule(ReadyRule rule, List<OfKind> moves, double all, Figures figures) {
    var line = line(rule.words(), moves, all, figures);
    var kinds = new TreeMap<String, List<OfKind>>();
    moves.forEach(
        each -> kinds.computeIfAbsent(each.kind().name(), none -> new ArrayList<>()).add(each));
    return new ByKind(
        line,
        kinds.entrySet().stream()
            .filter(each -> each.getValue().size() >= figures.count(LearningFigures.FEW))
            .map(each -> line(each.getKey(), each.getValue(), line.chance().likely(), figures))
            .toList());
  }

  private static Lessons.Line line(String words, List<OfKind> moves, double from, Figures figures) {
    return Lessons.line(words, from, moves.stream().map(OfKind::told).toList(), figures);
  }
}
