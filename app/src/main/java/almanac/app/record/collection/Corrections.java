package almanac.app.record.collection;

import almanac.app.ground.refusals.Conflict;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Finds what a correction takes the place of. */
public final class Corrections {
  private Corrections() {}

  /**
   * The line of an act that is to be corrected.
   *
   * @param act null if nothing is corrected
   * @param kind what it must tell of
   * @param what that in words, such as {@code "an inspection"}
   * @throws Conflict if it does not hold any more, or tells of something else
   */
  public static Optional<Line> line(
      Plant plant, @Nullable UUID act, Class<? extends Happening> kind, String what) {
    if (act == null) {
      return Optional.empty();
    }
    var lines =
        plant.journal().holding().stream().filter(line -> line.act().uid().equals(act)).toList();
    if (lines.isEmpty()) {
      throw new Conflict("This line was corrected or taken back meanwhile. Load the page again.");
    }
    return Optional.of(
        lines.stream()
            .filter(line -> kind.isInstance(line.happening()))
            .findFirst()
            .orElseThrow(
                () -> new Conflict("That line of the journal is not %s.".formatted(what))));
  }
}
