package almanac.app.record.journal;

import static almanac.app.db.Tables.NAMED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.NamedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.Named;
import almanac.core.history.Names;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a plant is called. */
final class NamedCodec extends TableCodec<Named, NamedRecord> {
  NamedCodec() {
    super("NAMED", Named.class, NAMED, NAMED.HAPPENING_ID);
  }

  @Override
  void fill(NamedRecord row, Named happening) {
    row.setLabel(happening.names().label());
    row.setBelieved(happening.names().believed());
    row.setConfirmed(happening.names().confirmed());
    row.setFlowers(happening.names().flowers());
  }

  @Override
  Named of(NamedRecord row, Act act) {
    return new Named(
        new Names(row.getLabel(), row.getBelieved(), row.getConfirmed(), row.getFlowers()));
  }

  @Override
  public Optional<Sentence> words(Named happening, Telling telling) {
    var was = telling.before().who().names();
    return was.label().isEmpty()
        ? Optional.empty()
        : ChangesTold.together(changes(was, happening.names()));
  }

  private static List<Sentence> changes(Names was, Names is) {
    var changes = new ArrayList<Sentence>();
    if (!was.label().equals(is.label())) {
      changes.add(say("Label “{}” instead of “{}”", is.label(), was.label()));
    }
    if (!was.believed().equals(is.believed())) {
      changes.add(
          is.believed().isEmpty()
              ? say("No longer believed to be {}", was.believed())
              : say("Believed to be {}", is.believed()));
    }
    if (!was.confirmed().equals(is.confirmed())) {
      changes.add(
          is.confirmed().isEmpty()
              ? say("No longer confirmed as {}", was.confirmed())
              : say("Confirmed on flowering as {}", is.confirmed()));
    }
    if (!was.flowers().equals(is.flowers())) {
      changes.add(
          is.flowers().isEmpty()
              ? say("Its flowers are described no more")
              : say("Its flowers: {}", is.flowers()));
    }
    return changes;
  }
}
