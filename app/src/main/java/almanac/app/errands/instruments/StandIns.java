package almanac.app.errands.instruments;

import almanac.app.record.site.Settings;
import almanac.app.record.site.Site;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.springframework.stereotype.Component;

/** The stand-ins that ship with the program: noise, drift, settling, and faults if asked for. */
@Component
class StandIns implements PhPen, GrowSpaceSensor, KitchenScale {
  static final String PEN = "instrument.pen";
  static final String SENSOR = "instrument.sensor";
  static final String SCALE = "instrument.scale";

  private static final double SOUREST = 5.6;
  private static final double SPAN_PH = 1.4;
  private static final double SETTLING_SECONDS = 7;
  private static final int SETTLED_AFTER = 25;
  private static final double NOISE_PH = 0.03;
  private static final double DRY_GRAMS = 240;
  private static final int WEIGHED_DAYS = 14;

  private final Settings settings;
  private final Site site;

  StandIns(Settings settings, Site site) {
    this.settings = settings;
    this.site = site;
  }

  @Override
  public Reading read(long sample, int seconds) {
    condition(PEN).refuse("pH pen");
    double ph = SOUREST + SPAN_PH * new Random(sample).nextDouble();
    double wandering = (7 - ph) * Math.exp(-seconds / SETTLING_SECONDS);
    double noise =
        seconds >= SETTLED_AFTER ? 0 : NOISE_PH * new Random(sample + seconds).nextGaussian();
    double shown = Math.rint((ph + wandering + noise) * 100) / 100;
    return new Reading(shown, seconds >= SETTLED_AFTER);
  }

  @Override
  public Day day(long placeId, LocalDate day) {
    condition(SENSOR).refuse("grow-space sensor");
    var random = new Random(placeId * 1000 + day.toEpochDay());
    double summer = site.light().hoursOn(day) / 24;
    double celsius = 16 + 9 * summer + random.nextGaussian();
    return new Day(celsius, 55 + 15 * random.nextDouble(), site.light().hoursOn(day));
  }

  @Override
  public List<Double> afterWatering(long plantId) {
    condition(SCALE).refuse("kitchen scale");
    var random = new Random(plantId);
    double water = 120 + random.nextInt(80);
    double aDay = 0.62 + 0.2 * random.nextDouble();
    var grams = new ArrayList<Double>();
    for (int day = 0; day < WEIGHED_DAYS; day++) {
      grams.add(Math.rint(DRY_GRAMS + water * Math.pow(aDay, day) + random.nextGaussian()));
    }
    return grams;
  }

  Condition condition(String instrument) {
    return settings.get(instrument).map(Condition::valueOf).orElse(Condition.WORKS);
  }
}
