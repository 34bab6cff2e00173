package almanac.core.words;

/** What a look can find, including that there is nothing to find. */
public interface Answer {
  /** As a grower says it. */
  String words();

  /** The name under which it is kept. */
  String name();
}
