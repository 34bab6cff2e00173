package almanac.app.errands.trainer;

import static almanac.app.db.Tables.TRAINED;

import almanac.core.trainer.Answered;
import almanac.core.trainer.Call;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Sure;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What was asked, and how it was answered. */
@Repository
public class Training {
  private final DSLContext db;

  Training(DSLContext db) {
    this.db = db;
  }

  /** All answers, in the order in which they were given. */
  List<Answered> all() {
    return db.select(TRAINED.ANSWERED_ON, TRAINED.ASKED, TRAINED.MARK, TRAINED.SURE)
        .from(TRAINED)
        .orderBy(TRAINED.ID)
        .fetch(
            row ->
                new Answered(
                    row.value1(),
                    row.value2(),
                    Mark.valueOf(row.value3()),
                    Optional.ofNullable(row.value4()).map(Sure::valueOf)));
  }

  /** Writes down what was said of a plant, and what it was worth. */
  public void note(Answered answered, Call call) {
    var row = row(answered, call.asks().name());
    row.setHow(call.how().map(Enum::name).orElse(null));
    row.setLooked(
        call.looked().stream().map(item -> item.key()).sorted().collect(Collectors.joining(" ")));
    row.insert();
  }

  /** Writes down for what a drawing was taken, and what that was worth. */
  public void note(Answered answered, String taken) {
    row(answered, taken).insert();
  }

  private almanac.app.db.tables.records.TrainedRecord row(Answered answered, String said) {
    var row = db.newRecord(TRAINED);
    row.setAnsweredOn(answered.on());
    row.setAsked(answered.asked());
    row.setSaid(said);
    row.setLooked("");
    row.setSure(answered.sure().map(Enum::name).orElse(null));
    row.setMark(answered.mark().name());
    return row;
  }
}
