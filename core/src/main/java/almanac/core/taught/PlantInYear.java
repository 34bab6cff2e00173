package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.PlantStatus;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import almanac.core.pot.Pot;
import almanac.core.pot.PotVolume;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a year brought of one plant. Rules: What it taught.
 *
 * @param came how it came in that year; nothing if it was here before
 * @param end how it left in that year
 * @param flowers the months in which it was seen in flower
 * @param size the largest its newest growth was measured, mm
 * @param minutes at the bench
 * @param pots it was potted into here
 * @param ml of medium in those of which the size is known
 */
public record PlantInYear(
    int year,
    Optional<Coming> came,
    Optional<End> end,
    Set<Month> flowers,
    OptionalDouble size,
    int minutes,
    int pots,
    double ml) {
  /** How a plant came. */
  public enum Coming {
    /** From elsewhere. */
    RECEIVED,
    /** As a piece of another plant of the collection. */
    DIVIDED
  }

  /**
   * How it left.
   *
   * @param trouble what was found on it last that may have brought it about, and when
   */
  public record End(LocalDate on, Fate fate, Optional<Trouble> trouble) {}

  /** What was found on a day. */
  public record Trouble(LocalDate on, String words) {}

  /** A year as it is filled. */
  private static final class Draft {
    private @Nullable Coming came;
    private @Nullable End end;
    private final Set<Month> flowers = EnumSet.noneOf(Month.class);
    private OptionalDouble size = OptionalDouble.empty();
    private int minutes;
    private int pots;
    private double ml;

    PlantInYear year(int year) {
      return new PlantInYear(
          year,
          Optional.ofNullable(came),
          Optional.ofNullable(end),
          flowers,
          size,
          minutes,
          pots,
          ml);
    }
  }

  /**
   * Each year of which something is known, the first one first.
   *
   * @param whole the plant with all lines of its journal
   */
  public static List<PlantInYear> of(Plant whole, Figures figures) {
    var years = new TreeMap<Integer, Draft>();
    whole.history().life().forEach(look -> note(look, draft(years, look.on())));
    for (var line : whole.journal().holding()) {
      note(whole, line, draft(years, line.act().on()), figures);
    }
    var came =
        whole
            .card()
            .origin()
            .arrival()
            .map(arrival -> arrival.on())
            .orElse(whole.journal().lines().get(0).act().on());
    draft(years, came).came = whole.card().mother() == null ? Coming.RECEIVED : Coming.DIVIDED;
    var all = new ArrayList<PlantInYear>();
    years.forEach((year, draft) -> all.add(draft.year(year)));
    return all;
  }

  private static Draft draft(TreeMap<Integer, Draft> years, LocalDate on) {
    return years.computeIfAbsent(on.getYear(), year -> new Draft());
  }

  private static void note(Inspection look, Draft year) {
    var bloom = look.look(Items.BLOOM);
    if (bloom.saw(Bloom.OPEN) || bloom.saw(Bloom.FADING)) {
      year.flowers.add(look.on().getMonth());
    }
    look.look(Items.NEWEST_SIZE)
        .seen()
        .flatMap(seen -> seen.finding().measured().stream().boxed().findFirst())
        .filter(mm -> mm > year.size.orElse(0))
        .ifPresent(mm -> year.size = OptionalDouble.of(mm));
  }

  private static void note(Plant whole, Line line, Draft year, Figures figures) {
    var on = line.act().on();
    if (line.happening() instanceof Happening.Worked worked) {
      year.minutes += worked.minutes();
    } else if (line.happening() instanceof Happening.Potted potted) {
      if (!whole.journal().ofArrival(line)) {
        year.pots++;
        year.ml += ml(potted.pot(), figures);
      }
    } else if (line.happening() instanceof Happening.Became became) {
      boolean gone = !became.fate().status().here();
      year.end = gone ? new End(on, became.fate(), trouble(whole, on)) : null;
    }
  }

  private static double ml(Pot pot, Figures figures) {
    return pot.diameterMm() == null || pot.depthMm() == null
        ? 0
        : PotVolume.of(pot.diameterMm(), pot.depthMm(), figures).mixMl();
  }

  /** What was found last before it was gone, pests before rot where both were. */
  private static Optional<Trouble> trouble(Plant whole, LocalDate until) {
    return whole.history().life().stream()
        .filter(look -> !look.on().isAfter(until))
        .flatMap(look -> Stream.concat(found(look, Pests::harmful), rotten(look)))
        .reduce((former, latter) -> latter);
  }

  private static Stream<Trouble> found(Inspection look, Predicate<Pests> harm) {
    return look.look(Items.PESTS).seen().stream()
        .flatMap(seen -> seen.finding().answers().stream())
        .filter(harm)
        .map(pest -> trouble(look, pest));
  }

  private static Stream<Trouble> rotten(Inspection look) {
    return look.look(Items.ROT).seen().stream()
        .flatMap(seen -> seen.finding().answers().stream())
        .filter(rot -> rot != Rot.NONE)
        .map(rot -> trouble(look, rot));
  }

  private static Trouble trouble(Inspection look, Answer found) {
    return new Trouble(look.on(), found.words());
  }

  /** Whether it was lost in that year. */
  boolean lost() {
    return end.filter(each -> each.fate().status() == PlantStatus.LOST).isPresent();
  }

  /** Whether it went to somebody else in that year. */
  boolean given() {
    return end.filter(each -> each.fate().status() == PlantStatus.GIVEN_AWAY).isPresent();
  }
}
