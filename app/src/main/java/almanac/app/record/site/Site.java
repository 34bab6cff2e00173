package almanac.app.record.site;

import almanac.app.ground.store.CollectionReplaced;
import almanac.app.ground.store.Remembered;
import almanac.core.season.LightYear;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the plants stand on the globe, and the light there. */
@Service
public class Site {
  private static final String LATITUDE = "latitude";

  /** Until the collector says where: the middle of the latitudes most collectors live at. */
  private static final double LATITUDE_UNTIL_SET = 50;

  private final Settings settings;
  private final Remembered<LightYear> light;

  Site(Settings settings) {
    this.settings = settings;
    light =
        new Remembered<>(
            () ->
                LightYear.at(
                    settings.get(LATITUDE).map(Double::valueOf).orElse(LATITUDE_UNTIL_SET)));
  }

  /** Day lengths at the site. */
  public LightYear light() {
    return light.get();
  }

  /** Whether the collector has said where the plants stand. */
  public boolean placed() {
    return settings.get(LATITUDE).isPresent();
  }

  /**
   * Moves the site; judgements follow at once.
   *
   * @throws almanac.core.refusals.Refused if there is no such latitude
   */
  @Transactional
  public void moveTo(double latitude) {
    LightYear.at(latitude);
    settings.set(LATITUDE, String.valueOf(latitude));
    light.written();
  }

  /** Another collection has its own. */
  @EventListener(CollectionReplaced.class)
  void replaced() {
    light.forget();
  }
}
