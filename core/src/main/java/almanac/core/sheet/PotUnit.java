package almanac.core.sheet;

import java.util.Optional;

/** In what pots are measured. */
public enum PotUnit {
  MM(1, "mm"),
  CM(10, "cm"),
  INCH(25.4, "in");

  private final double mm;
  private final String words;

  PotUnit(double mm, String words) {
    this.mm = mm;
    this.words = words;
  }

  /** How many millimetres it is. */
  public double mm() {
    return mm;
  }

  public String words() {
    return words;
  }

  /** The unit that a heading names, such as {@code Pot (cm)}. */
  static Optional<PotUnit> named(String head) {
    var plain = Plain.words(head);
    if (Plain.stands("mm", plain)) {
      return Optional.of(MM);
    } else if (Plain.stands("cm", plain)) {
      return Optional.of(CM);
    }
    return Plain.stands("in", plain) || plain.contains("inch")
        ? Optional.of(INCH)
        : Optional.empty();
  }
}
