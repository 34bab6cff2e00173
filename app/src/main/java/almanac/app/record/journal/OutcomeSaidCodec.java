package almanac.app.record.journal;

import static almanac.app.db.Tables.OUTCOME_SAID;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.OutcomeSaidRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.OutcomeSaid;
import almanac.core.history.Outcome;
import almanac.core.words.Sentence;
import java.util.Optional;

/** What somebody says came of a move. */
final class OutcomeSaidCodec extends TableCodec<OutcomeSaid, OutcomeSaidRecord> {
  OutcomeSaidCodec() {
    super("OUTCOME_SAID", OutcomeSaid.class, OUTCOME_SAID, OUTCOME_SAID.HAPPENING_ID);
  }

  @Override
  void fill(OutcomeSaidRecord row, OutcomeSaid happening) {
    row.setMovedOn(happening.moved());
    row.setOutcome(happening.outcome() == null ? null : happening.outcome().name());
  }

  @Override
  OutcomeSaid of(OutcomeSaidRecord row, Act act) {
    return new OutcomeSaid(
        row.getMovedOn(), row.getOutcome() == null ? null : Outcome.valueOf(row.getOutcome()));
  }

  @Override
  public Optional<Sentence> words(OutcomeSaid happening, Telling telling) {
    return Optional.of(
        happening.outcome() == null
            ? say("What came of the move of {} is worked out again", happening.moved())
            : say(
                "What came of the move of {}: {}", happening.moved(), happening.outcome().words()));
  }
}
