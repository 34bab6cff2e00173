package almanac.app.record.journal;

import almanac.core.history.Act;
import almanac.core.history.Happening;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An act to be written.
 *
 * @param on the day it is about
 * @param note in the collector's own words, may be empty
 * @param supersedes the act that it corrects or takes back, if any
 * @param happenings by plant
 */
public record NewAct(
    LocalDate on, String note, @Nullable Act supersedes, Map<Long, List<Happening>> happenings) {

  /** On one plant. */
  public static NewAct of(LocalDate on, long plantId, Happening... happenings) {
    return new NewAct(on, "", null, Map.of(plantId, List.of(happenings)));
  }

  /** On several plants. */
  public static NewAct of(LocalDate on, Map<Long, List<Happening>> happenings) {
    return new NewAct(on, "", null, happenings);
  }

  public NewAct noting(String words) {
    return new NewAct(on, words, supersedes, happenings);
  }

  public NewAct correcting(@Nullable Act wrong) {
    return new NewAct(on, note, wrong, happenings);
  }

  /** The same act with what happened by it to one plant more. */
  public NewAct and(long plantId, Happening... more) {
    var all = new LinkedHashMap<>(happenings);
    all.put(plantId, List.of(more));
    return new NewAct(on, note, supersedes, all);
  }
}
