package almanac.app.record.journal;

import static almanac.app.db.Tables.TASK;
import static almanac.core.words.Sentence.say;

import almanac.app.db.tables.records.TaskRecord;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.words.Sentence;
import java.util.Optional;
import java.util.function.Function;

/**
 * A kind of happening that tells of a small job of the collector's own.
 *
 * @param <H> the kind
 */
final class TaskCodec<H extends Happening> extends TableCodec<H, TaskRecord> {
  private final Function<String, H> of;
  private final Function<H, String> task;
  private final String told;

  /**
   * @param told in a sentence with a place for the task
   */
  TaskCodec(
      String kind, Class<H> type, Function<String, H> of, Function<H, String> task, String told) {
    super(kind, type, TASK, TASK.HAPPENING_ID);
    this.of = of;
    this.task = task;
    this.told = told;
  }

  @Override
  void fill(TaskRecord row, H happening) {
    row.setTask(task.apply(happening));
  }

  @Override
  H of(TaskRecord row, Act act) {
    return of.apply(row.getTask());
  }

  @Override
  public Optional<Sentence> words(H happening, Telling telling) {
    return Optional.of(say(told, task.apply(happening)));
  }
}
