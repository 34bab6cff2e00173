package almanac.app.record.journal;

import static almanac.app.db.Tables.CAME;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.CameRecord;
import almanac.core.history.Act;
import almanac.core.history.Arrival;
import almanac.core.history.Happening.Came;
import almanac.core.history.Origin;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where a plant comes from. */
final class CameCodec extends TableCodec<Came, CameRecord> {
  CameCodec() {
    super("CAME", Came.class, CAME, CAME.HAPPENING_ID);
  }

  @Override
  void fill(CameRecord row, Came happening) {
    var origin = happening.origin();
    row.setArrivedOn(origin.arrival().map(Arrival::on).orElse(null));
    row.setRootless(origin.arrival().map(Arrival::rootless).orElse(false));
    row.setCameFrom(origin.from());
    row.setPrice(origin.price());
    row.setParents(origin.parents());
  }

  @Override
  Came of(CameRecord row, Act act) {
    return new Came(
        new Origin(
            Optional.ofNullable(row.getArrivedOn()).map(day -> new Arrival(day, row.getRootless())),
            row.getCameFrom(),
            row.getPrice(),
            row.getParents()));
  }

  @Override
  public Optional<Sentence> words(Came happening, Telling telling) {
    return ChangesTold.together(changes(telling.before().origin(), happening.origin()));
  }

  private static List<Sentence> changes(Origin was, Origin is) {
    var changes = new ArrayList<Sentence>();
    if (!was.arrival().equals(is.arrival())) {
      changes.add(
          is.arrival().map(CameCodec::arrival).orElseGet(() -> say("Nobody knows when it came")));
    }
    change(changes, "Came from", was.from(), is.from());
    change(changes, "Price", was.price(), is.price());
    change(changes, "Parents", was.parents(), is.parents());
    return changes;
  }

  private static Sentence arrival(Arrival arrival) {
    return say(arrival.rootless() ? "Came on {}, without live roots" : "Came on {}", arrival.on());
  }

  private static void change(List<Sentence> changes, String what, String was, String is) {
    if (!was.equals(is)) {
      changes.add(is.isEmpty() ? say("{}: no longer {}", what, was) : say("{}: {}", what, is));
    }
  }
}
