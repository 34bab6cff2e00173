package almanac.core.sheet;

import almanac.core.medium.PottedOn;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A day, a month or a year as people write it.
 *
 * @param dayFirst what it means to those who write the day before the month
 * @param monthFirst what it means to those who write the month before the day
 * @param rough whether more was written than could be kept, or less than was taken from it
 */
public record WrittenDay(
    Optional<PottedOn> dayFirst, Optional<PottedOn> monthFirst, boolean rough) {
  private static final WrittenDay UNREADABLE =
      new WrittenDay(Optional.empty(), Optional.empty(), false);

  private static final Pattern NOBODY_KNOWS =
      Pattern.compile("|[-–—?. ]+|unknown|not known|n/?a|none|never|\\?+ *unknown");

  private static final Pattern ABOUT =
      Pattern.compile("^(ca\\.?|circa|about|approx\\.?|around|c\\.|~|early|mid|late)[ -]*");

  private static final String YEAR = "('?\\d{2}|\\d{4})";
  private static final String MONTH = "([a-z]{3,9})\\.?";
  private static final String DAY = "(\\d{1,2})(?:st|nd|rd|th)?";

  private static final Pattern ISO =
      Pattern.compile("(\\d{4})[-/.](\\d{1,2})[-/.](\\d{1,2})(?:[t ]\\d.*)?");
  private static final Pattern ISO_MONTH = Pattern.compile("(\\d{4})[-/.](\\d{1,2})");
  private static final Pattern MONTH_YEAR = Pattern.compile("(\\d{1,2})[-/. ](\\d{4})");
  private static final Pattern YEAR_ALONE = Pattern.compile("\\d{4}");
  private static final Pattern SERIAL = Pattern.compile("(\\d{5})(?:[.,]\\d+)?");
  private static final Pattern NUMBERS =
      Pattern.compile("(\\d{1,2})[-/. ] ?(\\d{1,2})[-/. ] ?" + YEAR);
  private static final Pattern DAY_MONTH =
      Pattern.compile(DAY + "[-. ]*(?:of )?" + MONTH + "[-., ]*" + YEAR);
  private static final Pattern MONTH_DAY =
      Pattern.compile(MONTH + "[- ]*" + DAY + ",?[- ]+" + YEAR);
  private static final Pattern NAMED_MONTH = Pattern.compile(MONTH + "[-., ]*" + YEAR);
  private static final Pattern SEASON =
      Pattern.compile("(?:spring|summer|autumn|fall|winter)[-., ]*(?:of )?(\\d{4})");

  private static final Pattern AGO =
      Pattern.compile("(\\d{1,3}|a|an|one|two|three) ?(day|week|month|mo|mth|year|yr)s?\\.? ago");

  private static final List<String> MONTHS =
      List.of(
          "january",
          "february",
          "march",
          "april",
          "may",
          "june",
          "july",
          "august",
          "september",
          "october",
          "november",
          "december");

  /** The day that spreadsheets count from. */
  private static final LocalDate DAY_ZERO = LocalDate.of(1899, 12, 30);

  private static final int CENTURY = 100;

  /** Reads what stands in a cell; years of two digits are not in the future. */
  public static WrittenDay read(String text, LocalDate today) {
    var plain = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    if (NOBODY_KNOWS.matcher(plain).matches()) {
      return exactly(PottedOn.unknown());
    }
    var bare = ABOUT.matcher(plain).replaceFirst("").replaceAll(" *\\?+$", "");
    try {
      var read = plain(bare, today);
      return bare.equals(plain) ? read : new WrittenDay(read.dayFirst, read.monthFirst, true);
    } catch (DateTimeException e) {
      return UNREADABLE;
    }
  }

  private static WrittenDay plain(String text, LocalDate today) {
    Matcher found;
    if ((found = whole(ISO, text)) != null) {
      return exactly(
          PottedOn.on(LocalDate.of(number(found, 1), number(found, 2), number(found, 3))));
    } else if ((found = whole(ISO_MONTH, text)) != null) {
      return exactly(PottedOn.in(YearMonth.of(number(found, 1), number(found, 2))));
    } else if ((found = whole(MONTH_YEAR, text)) != null) {
      return exactly(PottedOn.in(YearMonth.of(number(found, 2), number(found, 1))));
    } else if (whole(YEAR_ALONE, text) != null) {
      return exactly(PottedOn.in(Year.of(Integer.parseInt(text))));
    } else if ((found = whole(NUMBERS, text)) != null) {
      return numbers(number(found, 1), number(found, 2), year(found.group(3), today), today);
    } else if ((found = whole(DAY_MONTH, text)) != null) {
      return exactly(PottedOn.on(day(found.group(3), found.group(2), found.group(1), today)));
    } else if ((found = whole(MONTH_DAY, text)) != null) {
      return exactly(PottedOn.on(day(found.group(3), found.group(1), found.group(2), today)));
    } else if ((found = whole(SEASON, text)) != null) {
      return roughly(PottedOn.in(Year.of(number(found, 1))));
    } else if ((found = whole(NAMED_MONTH, text)) != null) {
      return exactly(PottedOn.in(YearMonth.of(year(found.group(2), today), month(found.group(1)))));
    } else if ((found = whole(AGO, text)) != null) {
      return roughly(ago(count(found.group(1)), found.group(2), today));
    } else if ((found = whole(SERIAL, text)) != null) {
      return roughly(PottedOn.on(DAY_ZERO.plusDays(number(found, 1))));
    }
    return UNREADABLE;
  }

  private static @Nullable Matcher whole(Pattern form, String text) {
    var matcher = form.matcher(text);
    return matcher.matches() ? matcher : null;
  }

  private static int count(String text) {
    return switch (text) {
      case "a", "an", "one" -> 1;
      case "two" -> 2;
      case "three" -> 3;
      default -> Integer.parseInt(text);
    };
  }

  /** As exactly as it is said: nobody counts months by the day. */
  private static PottedOn ago(int count, String unit, LocalDate today) {
    return switch (unit) {
      case "day" -> PottedOn.on(today.minusDays(count));
      case "week" -> PottedOn.on(today.minusWeeks(count));
      case "year", "yr" -> PottedOn.in(Year.of(today.minusYears(count).getYear()));
      default -> PottedOn.in(YearMonth.from(today.minusMonths(count)));
    };
  }

  private static int number(Matcher found, int group) {
    return Integer.parseInt(found.group(group));
  }

  private static LocalDate day(String year, String month, String day, LocalDate today) {
    return LocalDate.of(year(year, today), month(month), Integer.parseInt(day));
  }

  private static int year(String text, LocalDate today) {
    int year = Integer.parseInt(text.replace("'", ""));
    if (year >= CENTURY) {
      return year;
    }
    int thisCentury = today.getYear() / CENTURY * CENTURY + year;
    return thisCentury > today.getYear() ? thisCentury - CENTURY : thisCentury;
  }

  /** By its first letters, three or more. */
  private static int month(String text) {
    for (int month = 0; month < MONTHS.size(); month++) {
      if (MONTHS.get(month).startsWith(text) || text.equals("sept") && month == 8) {
        return month + 1;
      }
    }
    throw new DateTimeException(text);
  }

  /** What lies in the future in one order was meant in the other. */
  private static WrittenDay numbers(int first, int second, int year, LocalDate today) {
    var dayFirst = date(year, second, first);
    var monthFirst = date(year, first, second);
    boolean dayPast = dayFirst.filter(day -> !day.isAfter(today)).isPresent();
    boolean monthPast = monthFirst.filter(day -> !day.isAfter(today)).isPresent();
    if (dayPast && !monthPast) {
      monthFirst = Optional.empty();
    } else if (monthPast && !dayPast) {
      dayFirst = Optional.empty();
    }
    return new WrittenDay(dayFirst.map(PottedOn::on), monthFirst.map(PottedOn::on), false);
  }

  private static Optional<LocalDate> date(int year, int month, int day) {
    try {
      return Optional.of(LocalDate.of(year, month, day));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static WrittenDay exactly(PottedOn potted) {
    return new WrittenDay(Optional.of(potted), Optional.of(potted), false);
  }

  private static WrittenDay roughly(PottedOn potted) {
    return new WrittenDay(Optional.of(potted), Optional.of(potted), true);
  }

  /** Whether it means a day in either order. */
  public boolean readable() {
    return dayFirst.isPresent() || monthFirst.isPresent();
  }

  /** Whether the two orders make two different days of it. */
  public boolean ambiguous() {
    return dayFirst.isPresent() && monthFirst.isPresent() && !dayFirst.equals(monthFirst);
  }

  /** Whether it can only be meant in one order: the other would be no day, or none yet. */
  public boolean oneOrder() {
    return dayFirst.isPresent() != monthFirst.isPresent();
  }

  /** What it means in an order, or in the other if it means nothing in that. */
  public Optional<PottedOn> as(boolean dayComesFirst) {
    return dayComesFirst ? dayFirst.or(() -> monthFirst) : monthFirst.or(() -> dayFirst);
  }
}
