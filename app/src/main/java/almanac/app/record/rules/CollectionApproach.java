package almanac.app.record.rules;

import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.Remembered;
import almanac.app.record.site.Settings;
import almanac.core.history.Approach;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The approach that holds where neither the plant nor its place has one of its own. */
@Service
public class CollectionApproach {
  private static final String APPROACH = "approach";

  private final Settings settings;
  private final Remembered<Approach> inForce;

  CollectionApproach(Settings settings) {
    this.settings = settings;
    inForce =
        new Remembered<>(
            () -> settings.get(APPROACH).map(Approach::valueOf).orElse(Approach.HOUSE_RULES));
  }

  public Approach get() {
    return inForce.get();
  }

  @Transactional
  public void choose(Approach approach) {
    settings.set(APPROACH, approach.name());
    inForce.written();
  }

  /** Another collection has its own. */
  @EventListener(CollectionReplaced.class)
  void replaced() {
    inForce.forget();
  }
}
