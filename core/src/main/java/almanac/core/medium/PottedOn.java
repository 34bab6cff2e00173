package almanac.core.medium;

import almanac.core.refusals.Entered;
import almanac.core.refusals.PastDay;
import almanac.core.refusals.Refused;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;

/** When a plant was potted, as exactly as anybody knows. Unknown is not zero. */
public sealed interface PottedOn {

  /** Between two days, both included: a day, a month or a year. */
  record Between(LocalDate earliest, LocalDate latest) implements PottedOn {
    public Between {
      if (latest.isBefore(earliest)) {
        throw new IllegalArgumentException(latest + " lies before " + earliest);
      }
    }

    /** The middle of the time in which it was potted. */
    public LocalDate middle() {
      return earliest.plusDays(ChronoUnit.DAYS.between(earliest, latest) / 2);
    }

    @Override
    public String text() {
      if (earliest.equals(latest)) {
        return earliest.toString();
      }
      var month = YearMonth.from(earliest);
      return !latest.isAfter(month.atEndOfMonth())
          ? month.toString()
          : String.valueOf(earliest.getYear());
    }
  }

  /** Nobody knows; at least since the plant has been here. */
  record Unknown() implements PottedOn {
    @Override
    public String text() {
      return "unknown";
    }
  }

  /** The form {@link #parse} reads. */
  String text();

  static PottedOn on(LocalDate day) {
    return new Between(day, day);
  }

  static PottedOn in(YearMonth month) {
    return new Between(month.atDay(1), month.atEndOfMonth());
  }

  static PottedOn in(Year year) {
    return new Between(year.atDay(1), year.atMonth(12).atEndOfMonth());
  }

  static PottedOn unknown() {
    return new Unknown();
  }

  /**
   * Reads what a collector has entered.
   *
   * @throws Refused if it cannot be read or does not lie between 1900 and today
   */
  static PottedOn entered(String text, LocalDate today) {
    PottedOn potted;
    try {
      potted = parse(text.strip());
    } catch (DateTimeException e) {
      throw new Refused(
          Entered.POTTED_ON,
          "Give a day (2026-05-16), a month (2026-05), a year (2026), or “unknown”.");
    }
    if (potted instanceof Between between) {
      PastDay.check(Entered.POTTED_ON, between.earliest(), today);
      return new Between(
          between.earliest(), between.latest().isAfter(today) ? today : between.latest());
    }
    return potted;
  }

  /**
   * Reads {@code 2026-05-16}, {@code 2026-05}, {@code 2026} or {@code unknown}.
   *
   * @throws DateTimeException if it is none of these
   */
  static PottedOn parse(String text) {
    return switch (text.length()) {
      case 4 -> in(Year.parse(text));
      case 7 -> text.equals("unknown") ? unknown() : in(YearMonth.parse(text));
      default -> on(LocalDate.parse(text));
    };
  }
}
