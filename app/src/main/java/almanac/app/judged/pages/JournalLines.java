package almanac.app.judged.pages;

import static almanac.core.words.Sentence.say;

import almanac.app.judged.pages.PlantPage.Line;
import almanac.app.judged.pages.PlantPage.LineKind;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.journal.Codecs;
import almanac.app.record.journal.Telling;
import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Card;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.history.Standing;
import almanac.core.words.Sentence;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

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
  static List<Line> of(Journal journal, Telling.Naming naming, Figures figures) {
    return new JournalLines(journal, naming, figures).all();
  }

  /**
   * Each is told against the card as it was when it counted, or would have; what one act changed on
   * the card is told in one line.
   */
  private List<Line> all() {
    var told = new TreeMap<almanac.core.history.Line, Sentence>(NEWEST_FIRST);
    var cards = new HashMap<Long, almanac.core.history.Line>();
    var card = new Card.Draft();
    for (var line : journal.inOrder()) {
      var before = card.card();
      words(line, before)
          .ifPresent(
              words -> {
                var at =
                    kind(line.happening()) == LineKind.CARD
                        ? cards.computeIfAbsent(line.act().id(), act -> line)
                        : line;
                told.merge(at, words, (one, more) -> one.and(say("; ")).and(more));
              });
      if (journal.standing(line.act()) == Standing.HOLDS) {
        card.mark(line.happening());
      }
    }
    return told.entrySet().stream().map(each -> line(each.getKey(), each.getValue())).toList();
  }

  private Optional<Sentence> words(almanac.core.history.Line line, Card before) {
    boolean came = journal.ofArrival(line);
    return takenOver.contains(line.act().id()) || came && !toldOfArrival(line.happening())
        ? Optional.empty()
        : Codecs.words(new Telling(line, before, came, naming));
  }

  /** How it came is told by what it came in; the rest stands on its card. */
  private static boolean toldOfArrival(Happening happening) {
    return happening instanceof Happening.Potted
        || happening instanceof Happening.Inspected
        || happening instanceof Happening.PartedFrom;
  }

  private Line line(almanac.core.history.Line line, Sentence words) {
    var act = line.act();
    boolean came = journal.ofArrival(line);
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
        Part.of(words),
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

  private static LineKind kind(Happening happening) {
    return switch (happening.shown()) {
      case POTTING -> LineKind.POTTING;
      case LOOK -> LineKind.INSPECTION;
      case CHECK -> LineKind.CHECK;
      case CARD -> LineKind.CARD;
    };
  }
}
