package almanac.core.ahead;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The year of a collection in sentences. Rules: The year ahead. */
public final class YearSaid {
  private static final int AN_HOUR = 60;

  private YearSaid() {}

  /**
   * How much comes, when most of it, and whether there is room for it.
   *
   * @param overflow nothing where nobody said how much time there is
   */
  public static List<Sentence> of(CollectionAhead ahead, Optional<Overflow> overflow) {
    var said = new ArrayList<Sentence>();
    said.add(all(ahead));
    busiest(ahead).ifPresent(said::add);
    overflow.map(YearSaid::room).ifPresent(said::add);
    return said;
  }

  private static Sentence all(CollectionAhead ahead) {
    var jobs = ahead.year().jobs();
    if (jobs.most() == 0) {
      return say("Until {} no move is in sight.", ahead.end());
    }
    return jobs.least() == jobs.most()
        ? say("Until {} probably {}.", ahead.end(), moves(jobs.most()))
        : say(
            "Until {} about {}, between {} and {}.",
            ahead.end(),
            moves(Math.round(jobs.expected())),
            Measure.COUNT.of(jobs.least()),
            Measure.COUNT.of(jobs.most()));
  }

  private static String moves(double count) {
    return count == 1 ? "one move" : "%.0f moves".formatted(count);
  }

  /** One month stands out only where it has twice what an even year would bring it. */
  private static Optional<Sentence> busiest(CollectionAhead ahead) {
    double even = ahead.year().jobs().expected() / ahead.months().size();
    return ahead.months().stream()
        .max(Comparator.comparingDouble(month -> month.jobs().expected()))
        .filter(month -> month.jobs().expected() >= Math.max(2, 2 * even))
        .map(
            month ->
                say(
                    "{} brings most: between {} and {}, or about {} of work.",
                    month.from().getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH),
                    Measure.COUNT.of(month.jobs().least()),
                    moves(month.jobs().most()),
                    Measure.HOURS.of(Math.ceil(month.minutes().expected() / AN_HOUR))));
  }

  private static Sentence room(Overflow overflow) {
    var full =
        overflow.weeks().stream()
            .filter(Overflow.Room::overflows)
            .map(Overflow.Room::monday)
            .toList();
    long tooLate = Math.round(overflow.tooLate());
    if (full.isEmpty()) {
      return tooLate == 0
          ? say("Your bench days have room for all of it.")
          : say("No week overflows, and yet {} would probably come too late.", moves(tooLate));
    }
    var late = moves(Math.max(1, tooLate));
    return full.size() == 1
        ? say(
            "The week of {} probably has too little room: {} would come too late.",
            full.get(0),
            late)
        : say(
            "{} probably have too little room, the first that of {}: {} would come too late.",
            Measure.WEEKS.of(full.size()),
            full.get(0),
            late);
  }
}
