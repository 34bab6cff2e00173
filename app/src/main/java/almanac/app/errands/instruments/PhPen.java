package almanac.app.errands.instruments;

import almanac.app.ground.refusals.InstrumentFault;

/** A pH pen held into water. */
interface PhPen {
  /**
   * What it shows.
   *
   * @param sample which water it is held into; the same sample has the same pH
   * @param seconds how long it has been in the water, 0 or more
   * @throws InstrumentFault if it shows nothing that can be used
   */
  Reading read(long sample, int seconds);

  /**
   * One reading.
   *
   * @param ph 0 to 14
   * @param settled whether it has stopped wandering and can be accepted
   */
  record Reading(double ph, boolean settled) {}
}
