package almanac.core.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** The width of a pot as people write it: {@code 12 cm}, {@code 4.5"}, {@code 120}. */
final class PotSize {
  private static final Pattern FORM =
      Pattern.compile(
          "[ø⌀]? ?(\\d{1,4}(?:[.,]\\d{1,2})?)(?: ?(½|1/2))? ?-?(mm|cm|in|in\\.|inch|inches|\"|”|″|'')?(?: pot)?");

  private PotSize() {}

  /**
   * @param value as it was written
   * @param unit the one that was written with it, if one was
   */
  record Written(double value, Optional<PotUnit> unit) {
    /** How wide that is, if what bears no unit is meant in the given one; mm. */
    double mm(PotUnit bare) {
      return value * unit.orElse(bare).mm();
    }
  }

  static Optional<Written> read(String text) {
    var form = FORM.matcher(text.strip().toLowerCase(Locale.ROOT));
    if (!form.matches()) {
      return Optional.empty();
    }
    double value =
        Double.parseDouble(form.group(1).replace(',', '.')) + (form.group(2) == null ? 0 : 0.5);
    return Optional.of(new Written(value, Optional.ofNullable(form.group(3)).map(PotSize::unit)));
  }

  private static PotUnit unit(String text) {
    return switch (text) {
      case "mm" -> PotUnit.MM;
      case "cm" -> PotUnit.CM;
      default -> PotUnit.INCH;
    };
  }
}
