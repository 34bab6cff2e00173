package almanac.app.record.journal;

import static almanac.app.db.Tables.TRIAL_ENDED;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.TrialEndedRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.TrialEnded;
import almanac.core.trials.OnTrial;
import almanac.core.words.Sentence;
import java.util.Optional;

/** The end of a trial. */
final class TrialEndedCodec extends TableCodec<TrialEnded, TrialEndedRecord> {
  TrialEndedCodec() {
    super("TRIAL_ENDED", TrialEnded.class, TRIAL_ENDED, TRIAL_ENDED.HAPPENING_ID);
  }

  @Override
  void fill(TrialEndedRecord row, TrialEnded happening) {
    row.setTrial(happening.trial());
    row.setWords(happening.words());
  }

  @Override
  TrialEnded of(TrialEndedRecord row, Act act) {
    return new TrialEnded(row.getTrial(), row.getWords());
  }

  /** With its name, as its card says at that time. */
  @Override
  public Optional<Sentence> words(TrialEnded happening, Telling telling) {
    var name =
        telling.before().inHand().trials().stream()
            .map(OnTrial::trial)
            .filter(trial -> trial.uid().equals(happening.trial()))
            .findFirst()
            .map(trial -> say("Trial “{}” closed", trial.name()))
            .orElse(say("Trial closed"));
    return Optional.of(
        happening.words().isBlank() ? name : name.and(say(": {}", happening.words())));
  }
}
