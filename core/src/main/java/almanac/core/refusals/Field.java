package almanac.core.refusals;

/** An entry that a rule can find fault with; where it stands in what was sent the edge knows. */
public interface Field {

  /** Its name among its like. */
  String key();
}
