package almanac.app.instruments;

/** An instrument that gives nothing that can be used; the message is a sentence for the grower. */
public final class InstrumentFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  InstrumentFault(String sentence) {
    super(sentence);
  }
}
