package almanac.core.history;

import almanac.core.kinds.Traits;
import almanac.core.trials.OnTrial;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a plant stands after some of its happenings: what is on its card, besides what was seen of it
 * and what it was potted in.
 *
 * @param who what it is
 * @param notes in the collector's own words
 * @param mother the plant it was divided from, by its number in the store
 * @param inHand what is to be done with it, or is being done
 */
public record Card(
    Who who,
    Stand stand,
    Origin origin,
    Wish wish,
    String notes,
    Fate fate,
    @Nullable Long mother,
    InHand inHand) {

  /**
   * What a plant is.
   *
   * @param number unique in the collection
   * @param kind the key of the kind of plant it is
   * @param own in what it differs from its kind
   */
  public record Who(String number, Names names, String kind, Traits own) {}

  /**
   * What is to be done with a plant, or is being done.
   *
   * @param asideOn the day it was pulled aside for the bench; null if it was not
   * @param apartSince kept apart from the others since that day; null if it is not
   * @param heldSince held in the pot it came in since that day; null if it is not
   * @param tasks small jobs of the collector's own that are still to be done
   * @param bookings looks and small jobs of the collector's own that are due on a day
   * @param inPotOf the plant in whose pot it stands, by its number in the store; null if it has its
   *     own
   * @param treatment the course that runs on it; null if none does
   * @param beside the course that runs on a plant it stands beside; null if none does
   * @param trials the trials it stands in
   */
  public record InHand(
      @Nullable LocalDate asideOn,
      @Nullable LocalDate apartSince,
      @Nullable LocalDate heldSince,
      List<String> tasks,
      List<Booking> bookings,
      @Nullable Long inPotOf,
      @Nullable Treatment treatment,
      @Nullable Treatment beside,
      List<OnTrial> trials) {
    public InHand {
      tasks = List.copyOf(tasks);
      bookings = List.copyOf(bookings);
      trials = List.copyOf(trials);
    }
  }

  /** Whether others are seen to first, so that it hands nothing on to them. */
  public boolean comesLast() {
    return inHand.apartSince() != null || inHand.treatment() != null;
  }

  /** The same for cards that read the same, in whatever run of the program; else another. */
  public UUID fingerprint() {
    return UUID.nameUUIDFromBytes(toString().getBytes(StandardCharsets.UTF_8));
  }

  /** A card while it is being written, happening by happening; blank at first. */
  public static final class Draft {
    String number = "";
    Names names = Names.onLabel("");
    String kind = "";
    Traits own = Traits.NONE;
    Stand stand = new Stand(0, 0);
    Origin origin = Origin.UNKNOWN;
    Wish wish = Wish.AS_IT_COMES;
    String notes = "";
    Fate fate = Fate.GROWING;
    @Nullable Long mother;
    @Nullable Long inPotOf;
    @Nullable LocalDate asideOn;
    @Nullable LocalDate apartSince;
    @Nullable LocalDate heldSince;
    final Set<String> tasks = new LinkedHashSet<>();
    final Map<UUID, Booking> bookings = new LinkedHashMap<>();
    @Nullable Treatment treatment;
    @Nullable Treatment beside;
    final Map<UUID, OnTrial> trials = new LinkedHashMap<>();

    /** Marks what a happening changes on the card. */
    public Draft mark(Happening happening) {
      happening.mark(this);
      return this;
    }

    /** The card as far as it is written. */
    public Card card() {
      return new Card(
          new Who(number, names, kind, own),
          stand,
          origin,
          wish,
          notes,
          fate,
          mother,
          new InHand(
              asideOn,
              apartSince,
              heldSince,
              List.copyOf(tasks),
              List.copyOf(bookings.values()),
              inPotOf,
              treatment,
              beside,
              List.copyOf(trials.values())));
    }
  }
}
