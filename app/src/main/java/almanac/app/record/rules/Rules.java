package almanac.app.record.rules;

import static almanac.app.db.Tables.OWN_FIGURE;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.Remembered;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.refusals.Refused;
import almanac.core.rulebook.Rulebook;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The figures in force, and changing them. */
@Service
public class Rules {
  private static final Logger LOG = LoggerFactory.getLogger(Rules.class);

  private final DSLContext db;
  private final Remembered<Figures> inForce = new Remembered<>(() -> sound(kept()));

  Rules(DSLContext db) {
    this.db = db;
  }

  /** The figures in force. */
  public Figures figures() {
    return inForce.get();
  }

  /** The collector's own values, by the keys of their figures. */
  public Map<String, Double> own() {
    return new TreeMap<>(kept());
  }

  /**
   * The figures in force with some changed.
   *
   * @param changes values by the keys of their figures; null puts the default back
   * @throws Refused naming the figure, if it is unknown or its value makes no sense
   */
  public Figures tried(Map<String, @Nullable Double> changes) {
    var values = new TreeMap<>(kept());
    changes.forEach(
        (key, value) -> {
          var present = figure(key).key();
          if (value == null) {
            values.remove(present);
          } else {
            values.put(present, value);
          }
        });
    var figures = with(Figures.standard(), values);
    Rulebook.check(figures, changes.keySet());
    return figures;
  }

  /**
   * Puts changes into force, all or none.
   *
   * @param changes values by the keys of their figures; null puts the default back
   * @throws Refused naming the figure, if it is unknown or its value makes no sense
   */
  @Transactional
  public void change(Map<String, @Nullable Double> changes) {
    tried(changes);
    changes.forEach(
        (told, value) -> {
          var key = figure(told).key();
          db.deleteFrom(OWN_FIGURE).where(OWN_FIGURE.FIGURE.eq(key)).execute();
          if (value != null) {
            db.insertInto(OWN_FIGURE)
                .set(OWN_FIGURE.FIGURE, key)
                .set(OWN_FIGURE.CONTENT, value)
                .execute();
          }
        });
    inForce.written();
  }

  private Map<String, Double> kept() {
    return db.selectFrom(OWN_FIGURE).fetchMap(OWN_FIGURE.FIGURE, OWN_FIGURE.CONTENT);
  }

  /** A former program has let figures be kept that do not go together; those are left out. */
  private static Figures sound(Map<String, Double> kept) {
    var all = with(Figures.standard(), kept);
    if (goTogether(all)) {
      return all;
    }
    var sound = Figures.standard();
    for (var value : kept.entrySet()) {
      var more = sound.with(figure(value.getKey()), value.getValue());
      if (goTogether(more)) {
        sound = more;
      } else {
        LOG.warn("The figure {} does not go with the others and is left out", value.getKey());
      }
    }
    return sound;
  }

  private static boolean goTogether(Figures figures) {
    try {
      Rulebook.check(figures, Set.of());
      return true;
    } catch (Refused refused) {
      return false;
    }
  }

  private static Figures with(Figures figures, Map<String, Double> values) {
    var changed = figures;
    for (var value : values.entrySet()) {
      changed = changed.with(figure(value.getKey()), value.getValue());
    }
    return changed;
  }

  private static Figure figure(String key) {
    return Rulebook.named(key)
        .orElseThrow(
            () -> new BadEntry(key, "There is no figure of the name “%s”.".formatted(key)));
  }

  /** Another collection has its own. */
  @EventListener(CollectionReplaced.class)
  void replaced() {
    inForce.forget();
  }
}
