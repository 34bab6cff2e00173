package almanac.app.errands.instruments;

import almanac.app.ground.refusals.InstrumentFault;

/** How a stand-in behaves; a real instrument has no choice. */
enum Condition {
  WORKS("works"),
  NOT_ANSWERING("does not answer"),
  OUT_OF_RANGE("reads out of range"),
  FLAT_BATTERY("has a flat battery");

  private final String words;

  Condition(String words) {
    this.words = words;
  }

  String words() {
    return words;
  }

  /**
   * @throws InstrumentFault unless it works
   */
  void refuse(String instrument) {
    switch (this) {
      case NOT_ANSWERING ->
          throw new InstrumentFault(
              "The %s does not answer. Is it switched on? Type the reading in instead."
                  .formatted(instrument));
      case OUT_OF_RANGE ->
          throw new InstrumentFault(
              "The %s reads out of its range. Rinse and calibrate it, or type the reading in."
                  .formatted(instrument));
      case FLAT_BATTERY ->
          throw new InstrumentFault(
              "The %s has a flat battery. Type the reading in instead.".formatted(instrument));
      case WORKS -> {}
    }
  }
}
