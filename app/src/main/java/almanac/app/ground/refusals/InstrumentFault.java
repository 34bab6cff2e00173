package almanac.app.ground.refusals;

/** An instrument that gives nothing that can be used; the message is a sentence for the grower. */
public final class InstrumentFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public InstrumentFault(String sentence) {
    super(sentence);
  }
}
