package almanac.app.record.journal;

import static almanac.app.db.Tables.OF_KIND;
import static almanac.app.db.Tables.OWN_TRAIT;
import static almanac.core.words.Sentence.say;
import static java.util.stream.Collectors.groupingBy;

import almanac.app.db.tables.records.OfKindRecord;
import almanac.app.db.tables.records.OwnTraitRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.OfKind;
import almanac.core.kinds.Traits;
import almanac.core.words.Sentence;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;

/** What kind of plant it is, with a row for each trait in which it differs from its kind. */
final class OfKindCodec extends TableCodec<OfKind, OfKindRecord> {
  OfKindCodec() {
    super("OF_KIND", OfKind.class, OF_KIND, OF_KIND.HAPPENING_ID);
  }

  @Override
  void fill(OfKindRecord row, OfKind happening) {
    row.setKind(happening.kind());
  }

  @Override
  public void write(DSLContext db, long id, OfKind happening) {
    super.write(db, id, happening);
    happening
        .own()
        .written()
        .forEach((trait, content) -> db.executeInsert(new OwnTraitRecord(id, trait, content)));
  }

  @Override
  public Kept<OfKind> read(Reading part) {
    var kinds = super.read(part);
    var own =
        part.rows(OWN_TRAIT, OWN_TRAIT.HAPPENING_ID).stream()
            .collect(groupingBy(OwnTraitRecord::getHappeningId));
    return (id, act) ->
        new OfKind(kinds.of(id, act).kind(), traits(own.getOrDefault(id, List.of())));
  }

  private static Traits traits(List<OwnTraitRecord> rows) {
    return Traits.read(
        rows.stream()
            .collect(Collectors.toMap(OwnTraitRecord::getTrait, OwnTraitRecord::getContent)));
  }

  @Override
  OfKind of(OfKindRecord row, Act act) {
    return new OfKind(row.getKind(), Traits.NONE);
  }

  @Override
  public Optional<Sentence> words(OfKind happening, Telling telling) {
    var before = telling.before();
    var naming = telling.naming();
    if (!before.who().kind().isEmpty() && !before.who().kind().equals(happening.kind())) {
      return Optional.of(
          say("{} instead of {}", naming.kind(happening.kind()), naming.kind(before.who().kind())));
    }
    return before.who().own().equals(happening.own())
        ? Optional.empty()
        : Optional.of(
            say(
                happening.own().equals(Traits.NONE)
                    ? "As its kind in everything"
                    : "Traits of its own were changed"));
  }
}
