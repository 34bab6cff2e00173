package almanac.app.journal;

import static almanac.app.db.Tables.CHECK_ANSWER;
import static almanac.app.db.Tables.LOOK;
import static almanac.app.db.Tables.POTTING;
import static almanac.app.db.Tables.POTTING_PART;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import almanac.app.db.tables.records.EntryRecord;
import almanac.app.db.tables.records.LookRecord;
import almanac.app.db.tables.records.PottingPartRecord;
import almanac.app.db.tables.records.PottingRecord;
import almanac.core.followup.CheckAnswer;
import almanac.core.history.Potting;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Spot;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;

/** What belongs to lines of journals, by their ids. */
record LineContents(
    Map<Long, Map<Spot, Finding<?>>> looks,
    Map<Long, PottingRecord> pottings,
    Map<Long, List<PottingPartRecord>> parts,
    Map<Long, JournalEntry.Answered> answers) {

  static LineContents read(DSLContext db, Whose whose) {
    return new LineContents(
        looks(db, whose),
        db.selectFrom(POTTING).where(whose.byLine(POTTING.ENTRY_ID)).stream()
            .collect(toMap(PottingRecord::getEntryId, potting -> potting)),
        db.selectFrom(POTTING_PART).where(whose.byLine(POTTING_PART.ENTRY_ID)).stream()
            .collect(groupingBy(PottingPartRecord::getEntryId)),
        db.selectFrom(CHECK_ANSWER).where(whose.byLine(CHECK_ANSWER.ENTRY_ID)).stream()
            .collect(
                toMap(
                    row -> row.getEntryId(),
                    row ->
                        new JournalEntry.Answered(
                            row.getCheckId(), CheckAnswer.valueOf(row.getAnswer())))));
  }

  /**
   * By far the most rows, and most of them say what others have said: each finding is kept once.
   */
  private static Map<Long, Map<Spot, Finding<?>>> looks(DSLContext db, Whose whose) {
    var looks = new HashMap<Long, Map<Spot, Finding<?>>>();
    var spots = new HashMap<String, Spot>();
    var findings = new HashMap<List<Object>, Finding<?>>();
    try (var rows = db.selectFrom(LOOK).where(whose.byLine(LOOK.ENTRY_ID)).fetchLazy()) {
      for (var row : rows) {
        var spot = spots.computeIfAbsent(row.getItem(), item -> Spot.named(item).orElseThrow());
        var finding =
            row.getMeasured() == null
                ? findings.computeIfAbsent(
                    List.of(spot, row.getAnswers()), said -> finding(spot, row))
                : finding(spot, row);
        looks.computeIfAbsent(row.getEntryId(), line -> new LinkedHashMap<>()).put(spot, finding);
      }
    }
    return looks;
  }

  private static Finding<?> finding(Spot spot, LookRecord row) {
    var names =
        row.getAnswers().isEmpty() ? List.<String>of() : List.of(row.getAnswers().split(" "));
    return spot.item().kept(names, row.getMeasured());
  }

  JournalEntry.Content of(EntryRecord line) {
    return switch (line.getKind()) {
      case "POTTING" -> potted(line);
      case "INSPECTION" ->
          new JournalEntry.Inspected(
              Inspection.kept(line.getHappenedOn(), looks.getOrDefault(line.getId(), Map.of())));
      case "CHECK" -> answers.get(line.getId());
      default -> new JournalEntry.Withdrawn();
    };
  }

  private JournalEntry.Potted potted(EntryRecord line) {
    var row = pottings.get(line.getId());
    var mix =
        parts.get(line.getId()).stream()
            .collect(
                toMap(part -> Component.valueOf(part.getComponent()), PottingPartRecord::getParts));
    return new JournalEntry.Potted(
        new Potting(
            PottedOn.parse(row.getPottedOn()),
            line.getHappenedOn(),
            new Mix(mix),
            Moisture.valueOf(row.getMoisture())),
        row.getInFlower(),
        new Pot(
            PotType.valueOf(row.getPot()),
            row.getDiameterMm(),
            row.getDepthMm(),
            row.getTopLayer()));
  }
}
