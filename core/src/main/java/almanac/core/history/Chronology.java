package almanac.core.history;

import almanac.core.medium.PottedOn;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What can have happened to a plant on which day. */
public final class Chronology {
  private Chronology() {}

  /**
   * Nothing was seen or done here before the plant came.
   *
   * @param field the entry that gives the day
   * @throws Refused if it lies before its arrival
   */
  public static void refuseBeforeArrival(Plant plant, Field field, LocalDate day) {
    plant
        .card()
        .origin()
        .arrival()
        .filter(arrival -> day.isBefore(arrival.on()))
        .ifPresent(
            arrival -> {
              throw new Refused(
                  field,
                  "%s lies before it came on %s; nothing was seen of it here until then."
                      .formatted(day, arrival.on()));
            });
  }

  /**
   * What is done to a plant now is not older than what it stands in.
   *
   * @param field the entry that gives the day
   * @throws Refused if it lies before its last move
   */
  public static void refuseBeforeMoved(Plant plant, Field field, LocalDate day) {
    var since = plant.history().potting().since();
    if (day.isBefore(since)) {
      throw new Refused(
          field, "%s lies before its last move; it stands so since %s.".formatted(day, since));
    }
  }

  /**
   * A plant came before it was first looked at here.
   *
   * @throws Refused naming {@code arrivedOn}
   */
  public static void refuseAfterLooks(Plant plant, Arrival arrival) {
    plant.history().life().stream()
        .findFirst()
        .filter(first -> first.on().isBefore(arrival.on()))
        .ifPresent(
            first -> {
              throw new Refused(
                  Entered.ARRIVED_ON, "It was looked at here on %s already.".formatted(first.on()));
            });
  }

  /**
   * The pottings of a plant lie one after the other.
   *
   * @param wrong the line that the potting takes the place of; null for a new one
   * @throws Refused naming {@code on}, if it lies before the potting before it, or a corrected one
   *     after the next
   */
  public static void refuseOutOfOrder(Plant plant, @Nullable Line wrong, Potting potting) {
    if (!(potting.pottedOn() instanceof PottedOn.Between day)) {
      return;
    }
    var lines = plant.journal().holding();
    for (var other : lines) {
      if (other == wrong
          || !(other.happening() instanceof Happening.Potted potted)
          || !(potted.potting().pottedOn() instanceof PottedOn.Between known)) {
        continue;
      }
      boolean earlier = wrong == null || before(lines, other, wrong);
      if (earlier && day.latest().isBefore(known.earliest())) {
        throw new Refused(
            Entered.ON, "This lies before its potting of %s.".formatted(known.text()));
      }
      if (!earlier && day.earliest().isAfter(known.latest())) {
        throw new Refused(
            Entered.ON, "This lies after its next potting of %s.".formatted(known.text()));
      }
    }
  }

  private static boolean before(List<Line> lines, Line one, Line other) {
    var day = order(one);
    return day.equals(order(other))
        ? lines.indexOf(one) < lines.indexOf(other)
        : day.isBefore(order(other));
  }

  private static LocalDate order(Line line) {
    return line.happening() instanceof Event event ? event.on() : line.act().on();
  }
}
