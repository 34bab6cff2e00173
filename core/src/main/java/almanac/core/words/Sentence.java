package almanac.core.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A sentence for the grower, in parts: words, measures and days. Whoever shows it chooses the units
 * and the way of writing a day.
 *
 * @param parts at least one
 */
public record Sentence(List<Part> parts) {

  /** One part of a sentence. */
  public sealed interface Part {}

  /** Plain words. */
  public record Words(String text) implements Part {
    @Override
    public String toString() {
      return text;
    }
  }

  /** A number with what it counts. */
  public record Quantity(double value, Measure measure) implements Part {
    @Override
    public String toString() {
      return measure.say(value);
    }
  }

  /** A day of the calendar. */
  public record Day(LocalDate date) implements Part {
    @Override
    public String toString() {
      return date.toString();
    }
  }

  public Sentence {
    parts = List.copyOf(parts);
    if (parts.isEmpty()) {
      throw new IllegalArgumentException("A sentence needs words");
    }
  }

  /**
   * Fills a template.
   *
   * @param template words with {@code {}} where a value goes
   * @param values {@link Quantity}, {@link LocalDate}, or anything whose text is meant
   * @throws IllegalArgumentException if places and values differ in number
   */
  public static Sentence say(String template, Object... values) {
    var parts = new ArrayList<Part>();
    var pieces = template.split("\\{}", -1);
    if (pieces.length != values.length + 1) {
      throw new IllegalArgumentException(
          "%d places for %d values in: %s".formatted(pieces.length - 1, values.length, template));
    }
    for (int i = 0; i < pieces.length; i++) {
      if (!pieces[i].isEmpty()) {
        parts.add(new Words(pieces[i]));
      }
      if (i < values.length) {
        parts.add(part(values[i]));
      }
    }
    return new Sentence(parts);
  }

  private static Part part(Object value) {
    if (value instanceof Part part) {
      return part;
    }
    return value instanceof LocalDate day ? new Day(day) : new Words(value.toString());
  }

  /** The sentence in mm and ISO dates. */
  @Override
  public String toString() {
    return parts.stream().map(Part::toString).collect(Collectors.joining());
  }
}
