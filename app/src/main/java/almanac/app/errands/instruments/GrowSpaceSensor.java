package almanac.app.errands.instruments;

import almanac.app.ground.refusals.InstrumentFault;
import java.time.LocalDate;

/** A sensor that hangs among the plants of a place. */
interface GrowSpaceSensor {
  /**
   * What it has kept of one day.
   *
   * @throws InstrumentFault if it does not answer
   */
  Day day(long placeId, LocalDate day);

  /**
   * Means of one day.
   *
   * @param celsius °C
   * @param humidity percent
   * @param lightHours hours with useful light
   */
  record Day(double celsius, double humidity, double lightHours) {}
}
