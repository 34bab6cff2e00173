package almanac.app.errands.instruments;

import almanac.app.ground.refusals.InstrumentFault;
import java.util.List;

/** A kitchen scale with a pot on it. */
interface KitchenScale {
  /**
   * The pot's weight on the days after watering.
   *
   * @return grams, the day of watering first
   * @throws InstrumentFault if it shows nothing that can be used
   */
  List<Double> afterWatering(long plantId);
}
