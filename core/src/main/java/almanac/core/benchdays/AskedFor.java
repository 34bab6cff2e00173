package almanac.core.benchdays;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * What a job was promised; passing time moves none of it. Rules: Bench days.
 *
 * @param since the day on which it was first asked for
 * @param by the day by which it should be done; nothing where none is meant
 * @param missed the last bench day on which it lay and was not done; nothing if there was none
 */
public record AskedFor(LocalDate since, Optional<LocalDate> by, Optional<LocalDate> missed) {

  /**
   * Since when and by when, and what came in between; nothing for what is first asked for today.
   */
  Optional<Sentence> words(LocalDate today) {
    var asked = asked(today);
    if (missed.isEmpty()) {
      return asked;
    }
    var lay = say("It lay on {} and was not done.", missed.get());
    return Optional.of(asked.map(first -> first.and(say(" ")).and(lay)).orElse(lay));
  }

  private Optional<Sentence> asked(LocalDate today) {
    if (late(today)) {
      long days = ChronoUnit.DAYS.between(by.get(), today);
      return Optional.of(
          since.isBefore(by.get())
              ? say(
                  "Asked for since {}, by {}: {} late, and still worth doing.",
                  since,
                  by.get(),
                  Measure.DAYS.of(days))
              : say("Asked for since {}, late from the first, and still worth doing.", since));
    }
    if (!since.isBefore(today)) {
      return Optional.empty();
    }
    return Optional.of(
        by.map(day -> say("Asked for since {}, by {}.", since, day))
            .orElseGet(() -> say("Asked for since {}.", since)));
  }

  boolean late(LocalDate today) {
    return by.filter(day -> day.isBefore(today)).isPresent();
  }
}
