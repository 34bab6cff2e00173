package almanac.app.record.journal;

import static almanac.app.db.Tables.MAPPED_GROWTH;
import static almanac.app.db.Tables.MAPPED_JOINT;
import static almanac.core.words.Sentence.say;
import static java.util.stream.Collectors.groupingBy;

import almanac.app.db.tables.records.MappedGrowthRecord;
import almanac.app.db.tables.records.MappedJointRecord;
import almanac.core.history.Happening.Mapped;
import almanac.core.pot.Spot;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;

/** A drawn plant, its growths and joints in tables of their own. */
final class MappedCodec implements Codec<Mapped> {
  @Override
  public String kind() {
    return "MAPPED";
  }

  @Override
  public Class<Mapped> type() {
    return Mapped.class;
  }

  @Override
  public void write(DSLContext db, long id, Mapped mapped) {
    var growths = new ArrayList<MappedGrowthRecord>();
    for (var growth : mapped.map().growths()) {
      growths.add(
          new MappedGrowthRecord(
              id,
              growths.size(),
              growth.name(),
              growth.firmness().name(),
              growth.roots(),
              growth.newRoots(),
              growth.front().name(),
              growth.at().x(),
              growth.at().y(),
              growth.heading()));
    }
    db.batchInsert(growths).execute();
    var joints = new ArrayList<MappedJointRecord>();
    for (var joint : mapped.map().joints()) {
      joints.add(
          new MappedJointRecord(id, joints.size(), joint.one(), joint.other(), joint.natural()));
    }
    db.batchInsert(joints).execute();
  }

  @Override
  public Kept<Mapped> read(Reading part) {
    var growths =
        part.rows(MAPPED_GROWTH, MAPPED_GROWTH.HAPPENING_ID).stream()
            .collect(groupingBy(MappedGrowthRecord::getHappeningId));
    var joints =
        part.rows(MAPPED_JOINT, MAPPED_JOINT.HAPPENING_ID).stream()
            .collect(groupingBy(MappedJointRecord::getHappeningId));
    return (id, act) -> {
      if (!growths.containsKey(id)) {
        throw new IllegalStateException("What belongs to the map %d is missing".formatted(id));
      }
      return of(growths.get(id), joints.getOrDefault(id, List.of()));
    };
  }

  private static Mapped of(List<MappedGrowthRecord> growths, List<MappedJointRecord> joints) {
    return new Mapped(
        new RhizomeMap(
            growths.stream()
                .sorted(Comparator.comparing(MappedGrowthRecord::getTurn))
                .map(MappedCodec::growth)
                .toList(),
            joints.stream()
                .sorted(Comparator.comparing(MappedJointRecord::getTurn))
                .map(row -> new Joint(row.getOne(), row.getOther(), row.getNaturalBreak()))
                .toList()));
  }

  private static MapGrowth growth(MappedGrowthRecord row) {
    return new MapGrowth(
        row.getName(),
        Firmness.valueOf(row.getFirmness()),
        row.getRoots(),
        row.getNewRoots(),
        Front.valueOf(row.getFront()),
        new Spot(row.getXMm(), row.getYMm()),
        row.getHeading());
  }

  @Override
  public Optional<Sentence> words(Mapped mapped, Telling telling) {
    var growths = mapped.map().growths();
    long leads = growths.stream().filter(growth -> growth.front() == Front.LEAD).count();
    return Optional.of(
        say(
            "Drawn as it stands: {} {}, {} {}",
            Measure.COUNT.of(growths.size()),
            growths.size() == 1 ? "growth" : "growths",
            Measure.COUNT.of(leads),
            leads == 1 ? "lead" : "leads"));
  }
}
