package almanac.app.record.collection;

import almanac.app.record.journal.Acts;
import almanac.app.record.journal.NewAct;
import almanac.core.history.Card;
import almanac.core.history.GoesAlong;
import almanac.core.history.Happening;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;

/** A plant as the only one of a collection. */
public final class Alone {
  private Alone() {}

  /**
   * What was written of it.
   *
   * @param id of the plant
   * @param acts the numbers that its deeds have there, by the names that they had here
   */
  public record Standing(long id, Map<UUID, Long> acts) {}

  /**
   * Writes it into a database in which there is no other.
   *
   * @param begins what gives it all that stands on its card
   * @param deeds what was done to it
   */
  public static Standing write(
      DSLContext into, LocalDate on, List<Happening> begins, List<GoesAlong.Deed> deeds) {
    var draft = new Card.Draft();
    begins.forEach(draft::mark);
    var id = new PlantTable(into).begin(draft.card()).id();
    var acts = new Acts(into);
    acts.write(NewAct.of(on, id, begins.toArray(Happening[]::new)), on);
    var written = new HashMap<UUID, Long>();
    for (var deed : deeds) {
      var act =
          NewAct.of(deed.on(), id, deed.happenings().toArray(Happening[]::new)).noting(deed.note());
      written.put(deed.act(), acts.write(act, on).act().id());
    }
    return new Standing(id, written);
  }
}
