package almanac.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * One plant as its journal tells it. Immutable; what follows from the journal is worked out once.
 */
public final class Plant {
  private final long id;
  private final UUID uid;
  private final Journal journal;
  private final Card card;
  private final PlantHistory history;
  private final Line potted;

  private Plant(long id, UUID uid, Journal journal) {
    this.id = id;
    this.uid = uid;
    this.journal = journal;
    var counting = counting(journal);
    var draft = new Card.Draft();
    counting.forEach(line -> draft.mark(line.happening()));
    this.card = draft.card();
    this.history = PlantHistory.of(counting.stream().flatMap(Plant::event).toList());
    this.potted =
        counting.stream()
            .filter(
                line ->
                    line.happening() instanceof Happening.Potted told
                        && told.potting() == history.potting())
            .findFirst()
            .orElseThrow();
  }

  /**
   * The plant that a journal tells of. If its arrival was taken back, it is as it came.
   *
   * @param id its number in the store
   * @param uid its name outside the program, for good
   * @throws IllegalArgumentException if it was never potted
   */
  public static Plant of(long id, UUID uid, Journal journal) {
    return new Plant(id, uid, journal);
  }

  /** The same plant with more lines at the end of its journal. */
  public Plant and(List<Line> more) {
    return new Plant(id, uid, journal.and(more));
  }

  private static List<Line> counting(Journal journal) {
    return journal.begun()
        ? journal.holding()
        : journal.lines().stream()
            .filter(line -> line.act().id() == journal.lines().get(0).act().id())
            .toList();
  }

  private static Stream<Event> event(Line line) {
    return line.happening() instanceof Event event ? Stream.of(event) : Stream.empty();
  }

  public long id() {
    return id;
  }

  public UUID uid() {
    return uid;
  }

  public Journal journal() {
    return journal;
  }

  /** What stands on its card now. */
  public Card card() {
    return card;
  }

  /** The history the rules judge by. */
  public PlantHistory history() {
    return history;
  }

  /** The day on which it was written into the collection. */
  public LocalDate addedOn() {
    return journal.lines().get(0).act().recordedOn();
  }

  /** Whether it stands in the collection today. */
  public boolean here() {
    return journal.begun() && card.fate().status().here();
  }

  /** The line that tells of the present potting. */
  public Line potted() {
    return potted;
  }

  /** Whether it still stands in what it came in. */
  public boolean inWhatItCameIn() {
    return journal.ofArrival(potted());
  }

  /**
   * Whether it is still to be said if it is repotted or held: it is kept apart, and neither was
   * decided.
   */
  public boolean undecidedNewcomer() {
    return card.inHand().apartSince() != null
        && card.inHand().heldSince() == null
        && inWhatItCameIn();
  }
}
