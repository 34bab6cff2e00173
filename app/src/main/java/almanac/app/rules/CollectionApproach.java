package almanac.app.rules;

import almanac.app.site.Settings;
import almanac.core.judgement.Approach;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The approach that holds where neither the plant nor its bench has one of its own. */
@Service
public class CollectionApproach {
  private static final String APPROACH = "approach";

  private final Settings settings;
  private volatile @Nullable Approach inForce;

  CollectionApproach(Settings settings) {
    this.settings = settings;
  }

  public Approach get() {
    var known = inForce;
    if (known == null) {
      known = settings.get(APPROACH).map(Approach::valueOf).orElse(Approach.HOUSE_RULES);
      inForce = known;
    }
    return known;
  }

  @Transactional
  public void choose(Approach approach) {
    settings.set(APPROACH, approach.name());
    inForce = approach;
  }
}
