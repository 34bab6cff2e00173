package almanac.core.checks.diary;

import static almanac.core.words.Sentence.say;

import almanac.core.checks.Check;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.history.Booking;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Looks and small jobs of the collector's own. Rules: Follow-up checks, looks of one's own. */
public final class Bookings {
  private Bookings() {}

  /** The looks that are due next, as one: what lies within days of each other is asked at once. */
  static Optional<OpenCheck> look(Plant plant, Figures figures) {
    var asked = asked(plant, figures);
    if (asked.isEmpty()) {
      return Optional.empty();
    }
    var on = asked.get(0).on();
    int slack = figures.count(FollowUpFigures.OWN_SLACK);
    var words = asked.stream().map(Booking::words).collect(Collectors.joining(" · "));
    return Optional.of(
        OpenCheck.since(
            on, new Check(Purpose.OWN, Window.around(on, slack), Optional.of(say("{}", words)))));
  }

  private static List<Booking> asked(Plant plant, Figures figures) {
    var looks =
        plant.card().inHand().bookings().stream()
            .filter(Booking::look)
            .sorted(Comparator.comparing(Booking::on))
            .toList();
    return looks.stream()
        .filter(
            each ->
                !each.on()
                    .isAfter(looks.get(0).on().plusDays(figures.count(FollowUpFigures.OWN_SLACK))))
        .toList();
  }

  /** What the answer to such a look means for what was asked: what is not yet is asked again. */
  static List<Happening> answered(
      Plant plant, CheckAnswer answer, LocalDate today, Figures figures) {
    var again = today.plusDays(figures.count(FollowUpFigures.AGAIN_UNSURE));
    return asked(plant, figures).stream()
        .map(
            each ->
                answer == CheckAnswer.AS_HOPED
                    ? met(each, today)
                    : new Happening.Booked(
                        each.met(today)
                            .filter(next -> next.on().isBefore(again))
                            .orElse(each.due(again))))
        .toList();
  }

  /** The small jobs that are due on a day. */
  public static List<Booking> jobs(Plant plant, LocalDate today) {
    return plant.card().inHand().bookings().stream()
        .filter(each -> !each.look() && !each.on().isAfter(today))
        .toList();
  }

  /** What is written when it was met. */
  public static Happening met(Booking booking, LocalDate today) {
    return booking
        .met(today)
        .<Happening>map(Happening.Booked::new)
        .orElseGet(() -> new Happening.Unbooked(booking.uid()));
  }
}
