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
  private static final String PLACE = "{}";

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
    int from = 0;
    int used = 0;
    for (int at = template.indexOf(PLACE); at >= 0; at = template.indexOf(PLACE, from)) {
      append(parts, new Words(template.substring(from, at)));
      if (used == values.length) {
        throw mismatch(template, values.length);
      }
      append(parts, part(values[used++]));
      from = at + PLACE.length();
    }
    append(parts, new Words(template.substring(from)));
    if (used != values.length) {
      throw mismatch(template, values.length);
    }
    return new Sentence(parts);
  }

  /** Words that stand side by side become one part. */
  private static void append(List<Part> parts, Part next) {
    int last = parts.size() - 1;
    if (!(next instanceof Words words)) {
      parts.add(next);
    } else if (last >= 0 && parts.get(last) instanceof Words before) {
      parts.set(last, new Words(before.text + words.text));
    } else if (!words.text.isEmpty()) {
      parts.add(words);
    }
  }

  private static IllegalArgumentException mismatch(String template, int values) {
    return new IllegalArgumentException(
        "%d values do not fill the places in: %s".formatted(values, template));
  }

  private static Part part(Object value) {
    if (value instanceof Part part) {
      return part;
    }
    return value instanceof LocalDate day ? new Day(day) : new Words(value.toString());
  }

  /** This sentence and another as one. */
  public Sentence and(Sentence other) {
    var both = new ArrayList<>(parts);
    other.parts.forEach(part -> append(both, part));
    return new Sentence(both);
  }

  /** The sentence in mm and ISO dates. */
  @Override
  public String toString() {
    return parts.stream().map(Part::toString).collect(Collectors.joining());
  }
}
