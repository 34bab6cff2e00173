package almanac.app.record.journal;

import static almanac.app.db.Tables.POTTED;
import static almanac.app.db.Tables.POTTED_PART;
import static almanac.core.words.Sentence.say;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import almanac.app.db.tables.records.PottedPartRecord;
import almanac.app.db.tables.records.PottedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Potted;
import almanac.core.history.Potting;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.words.Sentence;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;

/** A potting, with the parts of its mix in a table of their own. */
final class PottedCodec implements Codec<Potted> {
  @Override
  public String kind() {
    return "POTTED";
  }

  @Override
  public Class<Potted> type() {
    return Potted.class;
  }

  @Override
  public void write(DSLContext db, long id, Potted potted) {
    var row = db.newRecord(POTTED);
    row.setHappeningId(id);
    row.setPottedOn(potted.potting().pottedOn().text());
    row.setMoisture(potted.potting().moisture().name());
    row.setInFlower(potted.inFlower());
    row.setPot(potted.pot().type().name());
    row.setDiameterMm(potted.pot().diameterMm());
    row.setDepthMm(potted.pot().depthMm());
    row.setTopLayer(potted.pot().topLayer());
    db.executeInsert(row);
    var parts =
        potted.potting().mix().parts().entrySet().stream()
            .map(part -> new PottedPartRecord(id, part.getKey().name(), part.getValue()))
            .toList();
    db.batchInsert(parts).execute();
  }

  @Override
  public Kept<Potted> read(Reading part) {
    var rows = part.rows(POTTED, POTTED.HAPPENING_ID).fetchMap(POTTED.HAPPENING_ID);
    var parts =
        part.rows(POTTED_PART, POTTED_PART.HAPPENING_ID).stream()
            .collect(groupingBy(PottedPartRecord::getHappeningId));
    return (id, act) -> {
      var row = rows.get(id);
      if (row == null) {
        throw new IllegalStateException("What belongs to potting %d is missing".formatted(id));
      }
      return of(row, parts.getOrDefault(id, List.of()), act);
    };
  }

  private static Potted of(PottedRecord row, List<PottedPartRecord> parts, Act act) {
    Map<Component, Double> mix =
        parts.stream()
            .collect(
                toMap(part -> Component.valueOf(part.getComponent()), PottedPartRecord::getParts));
    return new Potted(
        new Potting(
            PottedOn.parse(row.getPottedOn()),
            act.on(),
            new Mix(mix),
            Moisture.valueOf(row.getMoisture())),
        new Pot(
            PotType.valueOf(row.getPot()),
            row.getDiameterMm(),
            row.getDepthMm(),
            row.getTopLayer()),
        row.getInFlower());
  }

  @Override
  public Optional<Sentence> words(Potted potted, Telling telling) {
    var said = say(how(telling) + " {}", potted.potting().mix().words());
    return Optional.of(potted.pot().noted() ? said.and(say(", ")).and(potted.pot().said()) : said);
  }

  /** A piece of another plant did not come in a pot. */
  private static String how(Telling telling) {
    if (!telling.came()) {
      return "Repotted into";
    }
    return telling.before().mother() == null ? "Came in" : "Potted in";
  }
}
