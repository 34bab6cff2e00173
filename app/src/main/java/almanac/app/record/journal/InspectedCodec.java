package almanac.app.record.journal;

import static almanac.app.db.Tables.LOOKED;

import almanac.app.db.tables.records.LookedRecord;
import almanac.core.history.Happening.Inspected;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.LookSpot;
import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;

/** A look, with a row for each thing that was looked at. */
final class InspectedCodec implements Codec<Inspected> {
  @Override
  public String kind() {
    return "INSPECTED";
  }

  @Override
  public Class<Inspected> type() {
    return Inspected.class;
  }

  @Override
  public void write(DSLContext db, long id, Inspected inspected) {
    var rows =
        inspected.inspection().findings().entrySet().stream()
            .map(look -> row(id, look.getKey(), look.getValue()))
            .toList();
    db.batchInsert(rows).execute();
  }

  private static LookedRecord row(long id, LookSpot spot, Finding<?> finding) {
    var answers =
        finding.answers().stream().map(answer -> ((Answer) answer).name()).toArray(String[]::new);
    return new LookedRecord(
        id,
        spot.key(),
        answers,
        finding.measured().isPresent() ? finding.measured().getAsDouble() : null);
  }

  /**
   * By far the most rows, and most of them say what others have said: each finding is kept once.
   */
  @Override
  public Kept<Inspected> read(Reading part) {
    var looks = new HashMap<Long, Map<LookSpot, Finding<?>>>();
    var spots = new HashMap<String, LookSpot>();
    var findings = new HashMap<List<Object>, Finding<?>>();
    try (var rows = part.rows(LOOKED, LOOKED.HAPPENING_ID).fetchLazy()) {
      for (var row : rows) {
        var spot = spots.computeIfAbsent(row.getItem(), item -> LookSpot.named(item).orElseThrow());
        var finding =
            row.getMeasured() == null
                ? findings.computeIfAbsent(
                    List.of(spot, Arrays.asList(row.getAnswers())), said -> finding(spot, row))
                : finding(spot, row);
        looks
            .computeIfAbsent(row.getHappeningId(), line -> new LinkedHashMap<>())
            .put(spot, finding);
      }
    }
    return (id, act) -> new Inspected(Inspection.kept(act.on(), looks.getOrDefault(id, Map.of())));
  }

  private static Finding<?> finding(LookSpot spot, LookedRecord row) {
    return spot.item().kept(List.of(row.getAnswers()), row.getMeasured());
  }

  @Override
  public Optional<Sentence> words(Inspected inspected, Telling telling) {
    return inspected.inspection().said();
  }
}
