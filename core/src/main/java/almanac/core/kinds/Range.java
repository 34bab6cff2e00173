package almanac.core.kinds;

import almanac.core.words.Answer;
import java.util.List;
import java.util.Optional;

/** What a trait can be, and how it is written down. */
public sealed interface Range<T> {

  /** The type of its values. */
  Class<T> type();

  /** The value that is written so; nothing if that is none of them. */
  Optional<T> read(String written);

  /** As {@link #read} reads it back. */
  default String written(T value) {
    return value.toString();
  }

  /** One of a few answers. */
  record OneOf<T extends Enum<T> & Answer>(Class<T> type) implements Range<T> {

    public List<T> all() {
      return List.of(type.getEnumConstants());
    }

    @Override
    public Optional<T> read(String written) {
      return all().stream().filter(each -> each.name().equals(written)).findFirst();
    }

    @Override
    public String written(T value) {
      return value.name();
    }
  }

  /**
   * A number.
   *
   * @param unit what stands behind it
   */
  record Number(String unit, double least, double most) implements Range<Double> {
    @Override
    public Class<Double> type() {
      return Double.class;
    }

    @Override
    public Optional<Double> read(String written) {
      return Numbers.read(written).filter(value -> value >= least && value <= most);
    }
  }

  /**
   * A whole number.
   *
   * @param unit what stands behind it
   */
  record Count(String unit, int least, int most) implements Range<Integer> {
    @Override
    public Class<Integer> type() {
      return Integer.class;
    }

    @Override
    public Optional<Integer> read(String written) {
      return Numbers.read(written)
          .filter(value -> value == Math.rint(value) && value >= least && value <= most)
          .map(Double::intValue);
    }
  }

  /**
   * Yes or no.
   *
   * @param yes what yes means
   * @param no what no means
   */
  record YesNo(String yes, String no) implements Range<Boolean> {
    @Override
    public Class<Boolean> type() {
      return Boolean.class;
    }

    @Override
    public Optional<Boolean> read(String written) {
      return switch (written.toLowerCase(java.util.Locale.ROOT)) {
        case "true" -> Optional.of(true);
        case "false" -> Optional.of(false);
        default -> Optional.empty();
      };
    }
  }

  /** Words of the collector's own. */
  record Text(int longest) implements Range<String> {
    @Override
    public Class<String> type() {
      return String.class;
    }

    @Override
    public Optional<String> read(String written) {
      return Optional.of(written.strip()).filter(text -> text.length() <= longest);
    }
  }
}
