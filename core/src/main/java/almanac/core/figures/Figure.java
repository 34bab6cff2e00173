package almanac.core.figures;

import almanac.core.refusals.Field;

/**
 * One figure of the rules: its default, what it is counted in, the values that make sense, and why
 * it is what it is.
 *
 * @param key unique name, {@code group.name}
 * @param standard the default
 * @param unit what it is counted in
 * @param least smallest value a collector may set
 * @param most largest value a collector may set
 * @param reason why growers use this value
 */
public record Figure(
    String key, double standard, Unit unit, double least, double most, String reason)
    implements Field {

  public Figure {
    if (key.isBlank() || reason.isBlank()) {
      throw new IllegalArgumentException("A figure needs a key and a reason: " + key);
    }
    if (!(least <= standard && standard <= most)) {
      throw new IllegalArgumentException(
          "%s: %s lies outside %s to %s".formatted(key, standard, least, most));
    }
  }
}
