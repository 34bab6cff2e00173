package almanac.app.record.journal;

import static almanac.app.db.Tables.TRIAL_BEGUN;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.TrialBegunRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening.TrialBegun;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import almanac.core.words.Sentence;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A plant of a trial. */
final class TrialBegunCodec extends TableCodec<TrialBegun, TrialBegunRecord> {
  private static final String BETWEEN = " ";

  TrialBegunCodec() {
    super("TRIAL_BEGUN", TrialBegun.class, TRIAL_BEGUN, TRIAL_BEGUN.HAPPENING_ID);
  }

  @Override
  void fill(TrialBegunRecord row, TrialBegun happening) {
    var its = happening.its();
    var trial = its.trial();
    row.setTrial(trial.uid());
    row.setName(trial.name());
    row.setTried(trial.tried().name());
    row.setAgainst(trial.against().name());
    row.setLooks(trial.looks().stream().map(Item::key).collect(Collectors.joining(BETWEEN)));
    row.setSince(trial.since());
    row.setJudgeOn(trial.judgeOn());
    row.setSide(its.side().name());
    row.setPair(its.pair());
  }

  @Override
  TrialBegun of(TrialBegunRecord row, Act act) {
    var trial =
        new Trial(
            row.getTrial(),
            row.getName(),
            Tried.valueOf(row.getTried()),
            Against.valueOf(row.getAgainst()),
            looks(row.getLooks()),
            row.getSince(),
            row.getJudgeOn());
    return new TrialBegun(new OnTrial(trial, OnTrial.Side.valueOf(row.getSide()), row.getPair()));
  }

  private static List<Item<?>> looks(String keys) {
    return Stream.of(keys.split(BETWEEN))
        .<Item<?>>map(key -> Items.named(key).orElseThrow())
        .toList();
  }

  @Override
  public Optional<Sentence> words(TrialBegun happening, Telling telling) {
    var its = happening.its();
    return Optional.of(
        its.side() == OnTrial.Side.TRIED
            ? say("On trial until {}: “{}”", its.trial().judgeOn(), its.trial().name())
            : say(
                "Held against a trial until {}: “{}”", its.trial().judgeOn(), its.trial().name()));
  }
}
