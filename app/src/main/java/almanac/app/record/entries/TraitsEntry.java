package almanac.app.record.entries;

import almanac.app.ground.refusals.Paths;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.kinds.Traits;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Traits by their keys, as they are told and shown.
 *
 * @param values what is null is left out, which in a plant means as in its kind
 */
@Schema(name = "Traits")
public record TraitsEntry(@JsonValue Map<String, @Nullable Object> values) {

  @JsonCreator
  public TraitsEntry {
    Objects.requireNonNull(values);
  }

  /** The traits of a kind. */
  public static TraitsEntry of(Kind kind) {
    return of(kind.traits(), trait -> true);
  }

  /** In what one plant differs from its kind; the rest is null. */
  public static TraitsEntry ofAPlant(Traits own) {
    return of(own, Trait::ofAPlant);
  }

  private static TraitsEntry of(Traits traits, Predicate<Trait<?>> wanted) {
    var values = new LinkedHashMap<String, @Nullable Object>();
    Trait.all().stream()
        .filter(wanted)
        .forEach(trait -> values.put(trait.key(), traits.get(trait).orElse(null)));
    return new TraitsEntry(values);
  }

  /**
   * The traits that were told.
   *
   * @throws almanac.core.refusals.Refused naming one that is unknown or cannot be so
   */
  public Traits traits() {
    return Traits.read(values);
  }

  /**
   * In what a plant of that kind differs from it.
   *
   * @param path the name of this entry
   * @throws almanac.core.refusals.Refused naming one that cannot be so in such a plant
   */
  public Traits own(String path, Kind kind) {
    return Paths.under(
        path,
        () -> {
          var own = traits();
          kind.with(own);
          return own;
        });
  }
}
