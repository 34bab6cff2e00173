package almanac.core.kinds;

import almanac.core.refusals.Refused;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The values of some traits: all of a kind, or those in which one plant differs from its kind. */
public final class Traits {
  /** None of its own. */
  public static final Traits NONE = new Traits(new Object[Trait.all().size()]);

  private final @Nullable Object[] values;

  private Traits(@Nullable Object[] values) {
    this.values = values;
  }

  /** The value of a trait, if it is among these. */
  public <T> Optional<T> get(Trait<T> trait) {
    return Optional.ofNullable(trait.range().type().cast(values[trait.place()]));
  }

  /**
   * These and one more.
   *
   * @throws Refused naming the trait, if it cannot be so
   */
  public <T> Traits with(Trait<T> trait, T value) {
    var more = values.clone();
    more[trait.place()] = trait.read(trait.range().written(value));
    return new Traits(more);
  }

  /** These where there is a value, the others where there is none. */
  public Traits over(Traits others) {
    var all = others.values.clone();
    for (int i = 0; i < all.length; i++) {
      if (values[i] != null) {
        all[i] = values[i];
      }
    }
    return new Traits(all);
  }

  /**
   * The traits that were told; what is null was left out.
   *
   * @param told by their keys, each as it is written down
   * @throws Refused naming a trait that is unknown or cannot be so
   */
  public static Traits read(Map<String, ?> told) {
    var traits = NONE;
    for (var entry : told.entrySet()) {
      var key = entry.getKey();
      var trait =
          Trait.named(key)
              .orElseThrow(() -> new Refused(() -> key, "There is no trait “%s”.".formatted(key)));
      if (entry.getValue() != null) {
        traits = traits.read(trait, entry.getValue().toString());
      }
    }
    return traits;
  }

  private <T> Traits read(Trait<T> trait, String written) {
    return with(trait, trait.read(written));
  }

  /** As {@link #read} reads them back, by their keys. */
  public Map<String, String> written() {
    var written = new LinkedHashMap<String, String>();
    for (var trait : Trait.all()) {
      written(trait).ifPresent(value -> written.put(trait.key(), value));
    }
    return written;
  }

  private <T> Optional<String> written(Trait<T> trait) {
    return get(trait).map(trait.range()::written);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Traits traits && Arrays.equals(values, traits.values);
  }

  @Override
  public int hashCode() {
    return Objects.hash(values);
  }

  @Override
  public String toString() {
    return written().toString();
  }
}
