package almanac.app.plants;

import almanac.app.collection.PlantInPlace;
import almanac.app.inspections.LookEntry;
import almanac.app.journal.Codecs;
import almanac.app.journal.Telling;
import almanac.app.plants.PlantPage.Kind;
import almanac.app.plants.PlantPage.Line;
import almanac.app.web.Part;
import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Card;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.history.Standing;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** All that was written about a plant, as its page tells it. */
final class JournalLines {
  /** By the day, then by when it was written; of one act, as it was told. */
  private static final Comparator<almanac.core.history.Line> NEWEST_FIRST =
      Comparator.comparing((almanac.core.history.Line line) -> line.act().on())
          .thenComparing(line -> line.act().id())
          .reversed()
          .thenComparing(almanac.core.history.Line::id);

  private final Journal journal;
  private final Telling.Naming naming;
  private final Figures figures;
  private final Set<Long> takenOver = new HashSet<>();

  private JournalLines(Journal journal, Telling.Naming naming, Figures figures) {
    this.journal = journal;
    this.naming = naming;
    this.figures = figures;
    journal.lines().stream()
        .filter(line -> line.happening() instanceof Happening.TakenOver)
        .forEach(line -> takenOver.add(line.act().id()));
  }

  /** The lines of a plant's journal, the newest first. */
  static List<Line> of(PlantInPlace plant, Telling.Naming naming, Figures figures) {
    return new JournalLines(plant.plant().journal(), naming, figures).all();
  }

  /** Each is told against the card as it was when it counted, or would have. */
  private List<Line> all() {
    var told = new TreeMap<almanac.core.history.Line, Line>(NEWEST_FIRST);
    var card = new Card.Draft();
    for (var line : journal.inOrder()) {
      line(line, card.card()).forEach(shown -> told.put(line, shown));
      if (journal.standing(line.act()) == Standing.HOLDS) {
        card.mark(line.happening());
      }
    }
    return List.copyOf(told.values());
  }

  private Stream<Line> line(almanac.core.history.Line line, Card before) {
    boolean came = journal.ofArrival(line);
    if (takenOver.contains(line.act().id()) || came && !toldOfArrival(line.happening())) {
      return Stream.empty();
    }
    return Codecs.words(new Telling(line, before, came, naming)).stream()
        .map(words -> line(line, came, Part.of(words)));
  }

  /** How it came is told by what it came in; the rest stands on its card. */
  private static boolean toldOfArrival(Happening happening) {
    return happening instanceof Happening.Potted
        || happening instanceof Happening.Inspected
        || happening instanceof Happening.PartedFrom;
  }

  private Line line(almanac.core.history.Line line, boolean came, List<Part> words) {
    var act = line.act();
    var potting =
        line.happening() instanceof Happening.Potted potted
            ? PottingView.of(potted, figures)
            : null;
    return new Line(
        line.id(),
        act.uid(),
        kind(line.happening()),
        act.on(),
        act.recordedOn(),
        words,
        act.note(),
        journal.standing(act),
        potting == null ? null : potting.pottedOn(),
        journal.superseded(act).map(Act::uid).orElse(null),
        line.happening() instanceof Happening.Inspected inspected
            ? LookEntry.of(inspected.inspection())
            : Map.of(),
        potting,
        potting != null && came,
        journal.standing(act) == Standing.HOLDS
            && !(line.happening() instanceof Happening.Recounted));
  }

  private static Kind kind(Happening happening) {
    if (happening instanceof Happening.Potted) {
      return Kind.POTTING;
    }
    if (happening instanceof Happening.Inspected) {
      return Kind.INSPECTION;
    }
    return happening instanceof Happening.Checked ? Kind.CHECK : Kind.CARD;
  }
}
