package almanac.core.history;

import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import almanac.core.medium.PottedOn;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
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

  /** The same plant as it was known before an act that holds; nothing if it was not here yet. */
  public Optional<Plant> before(Act act) {
    return journal.before(act).map(former -> new Plant(id, uid, former));
  }

  /** The same plant as it was known on the evening of a day; nothing if it was not here yet. */
  public Optional<Plant> until(LocalDate day) {
    return journal.until(day).map(former -> new Plant(id, uid, former));
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

  /**
   * Whether others are seen to first, so that it hands nothing on to them: its card says so, or
   * what was seen of it last.
   */
  public boolean comesLast() {
    return card.comesLast()
        || lastSeen(Items.PESTS, Pests::harmful)
        || lastSeen(Items.ROT, Rot::catching);
  }

  private <A extends Enum<A> & Answer> boolean lastSeen(Item<A> item, Predicate<A> harm) {
    return history.latest(item, LocalDate.MAX).seen().stream()
        .flatMap(seen -> seen.finding().answers().stream())
        .anyMatch(harm);
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

  /** Whether it still stands in what it came in; a piece that was potted here does not. */
  public boolean inWhatItCameIn() {
    return journal.ofArrival(potted) && !pottedAsItWasParted();
  }

  private boolean pottedAsItWasParted() {
    return card.mother() != null
        && history.potting().pottedOn().equals(PottedOn.on(potted.act().on()));
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
