package almanac.app.ground.refusals;

import almanac.core.inspection.LookSpot;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import java.util.function.Supplier;

/** Where entries stand in what is sent; the rules know what they are, and not where. */
public final class Paths {
  private Paths() {}

  /** Where an entry stands. */
  public static String of(Field field) {
    if (field instanceof LookSpot spot) {
      return "looks." + spot.key();
    }
    if (field instanceof LookSpot.Measure measure) {
      return "looks." + measure.key() + ".measured";
    }
    return field instanceof Entered told ? of(told) : field.key();
  }

  private static String of(Entered told) {
    return switch (told) {
      case APART_SINCE, HELD_SINCE -> "card." + told.key();
      case POT_DIAMETER, POT_DEPTH -> "pot." + told.key();
      default -> told.key();
    };
  }

  /**
   * What is read from the entry of that name alone.
   *
   * @throws BadEntry naming that entry, whatever the rules call it
   */
  public static <T> T at(String name, Supplier<T> read) {
    try {
      return read.get();
    } catch (Refused refused) {
      throw new BadEntry(name, refused.sentence());
    }
  }

  /**
   * What is read from within the entry of that name.
   *
   * @throws BadEntry naming what is at fault inside it by its whole path
   */
  public static <T> T under(String name, Supplier<T> read) {
    try {
      return read.get();
    } catch (Refused refused) {
      throw new BadEntry(name + "." + of(refused.field()), refused.sentence());
    } catch (BadEntry bad) {
      throw new BadEntry(name + "." + bad.path(), bad.sentence());
    }
  }
}
