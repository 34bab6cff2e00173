package almanac.core.kinds;

import java.util.Optional;

/** Numbers as they are written down. */
final class Numbers {
  private Numbers() {}

  static Optional<Double> read(String written) {
    try {
      return Optional.of(Double.valueOf(written));
    } catch (NumberFormatException none) {
      return Optional.empty();
    }
  }
}
