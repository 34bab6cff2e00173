package almanac.core.history;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.kinds.Traits;
import almanac.core.pot.Pot;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.roots.RootStage;
import almanac.core.stock.Draw;
import almanac.core.tally.RootTally;
import almanac.core.treatments.Course;
import almanac.core.trials.OnTrial;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing that happened to one plant. All that is known of a plant is what its happenings say,
 * and each says by itself what it changes on the plant's card.
 */
public sealed interface Happening
    permits Happening.OfPlant, Happening.OfCollection, Happening.OnCard {
  /** What is of the plant itself, wherever it stands; it goes along to another collection. */
  sealed interface OfPlant extends Happening {}

  /** What is of the collection: its numbers, places, stock, kin and wishes; it stays behind. */
  sealed interface OfCollection extends Happening {}

  /** How it is shown among the lines of a journal. */
  Shown shown();

  /** For how long it says something of today. */
  Speaks speaks();

  /** How a line of a journal is shown. */
  enum Shown {
    POTTING,
    LOOK,
    CHECK,
    CARD
  }

  /** For how long a line of a journal says something of today; the newest of a kind always does. */
  enum Speaks {
    /** Until there is another of its kind. */
    UNTIL_THE_NEXT,
    /**
     * As long as what was seen is the newest look at something, or is since the present potting.
     */
    AS_LOOKS,
    /** Until the next potting. */
    SINCE_POTTED,
    /** As long as the small job is still to be done. */
    WHILE_ASKED,
    /** As long as the booking is due as it says. */
    WHILE_BOOKED,
    /** As long as the course runs that it was a treatment of. */
    WHILE_TREATED,
    /** As long as the trial runs that it belongs to. */
    WHILE_ON_TRIAL,
    ALWAYS
  }

  /** What stands on the card until there is another of its kind. */
  sealed interface OnCard extends Happening {
    @Override
    default Shown shown() {
      return Shown.CARD;
    }

    @Override
    default Speaks speaks() {
      return Speaks.UNTIL_THE_NEXT;
    }
  }

  /** Marks on the card what follows from this. */
  default void mark(Card.Draft card) {}

  /**
   * It was potted, here or before it came. Whoever is potted is no longer pulled aside for it, or
   * held in the pot it came in.
   *
   * @param inFlower whether it was in bud or flower at the time
   */
  record Potted(Potting potting, Pot pot, boolean inFlower) implements OfPlant, Event {
    @Override
    public Shown shown() {
      return Shown.POTTING;
    }

    @Override
    public Speaks speaks() {
      return Speaks.UNTIL_THE_NEXT;
    }

    /** Out of flower, into a pot of which nothing was noted. */
    public Potted(Potting potting) {
      this(potting, Pot.NOT_NOTED, false);
    }

    @Override
    public LocalDate on() {
      return potting.since();
    }

    @Override
    public void mark(Card.Draft card) {
      card.asideOn = null;
      card.heldSince = null;
    }
  }

  /** Somebody looked. Holding a plant in the pot it came in ends the day its roots show. */
  record Inspected(Inspection inspection) implements OfPlant, Event {
    @Override
    public Shown shown() {
      return Shown.LOOK;
    }

    @Override
    public Speaks speaks() {
      return Speaks.AS_LOOKS;
    }

    @Override
    public LocalDate on() {
      return inspection.on();
    }

    @Override
    public void mark(Card.Draft card) {
      if (rootsShow()) {
        card.heldSince = null;
      }
    }

    private boolean rootsShow() {
      return inspection.look(Items.NEW_ROOTS).answer().filter(RootStage::beginning).isPresent();
    }
  }

  /**
   * It was worked on at the bench, root by root.
   *
   * @param tally what became of its roots; empty if nobody counted
   * @param minutes how long it took; 0 if nobody says
   * @param well what went well, in the collector's own words; may be empty
   * @param badly what did not; may be empty
   * @param way whether the ball was opened, stayed whole, or rot was cut out
   */
  record Worked(RootTally tally, int minutes, String well, String badly, Way way)
      implements OfPlant, OnCard {}

  /**
   * Somebody says what came of a move, otherwise than it was worked out.
   *
   * @param moved the day of the move
   * @param outcome null to let it be worked out again
   */
  record OutcomeSaid(LocalDate moved, @Nullable Outcome outcome) implements OfPlant, OnCard {}

  /** It was drawn as it stood in its pot, growth by growth. */
  record Mapped(RhizomeMap map) implements OfPlant, OnCard {}

  /** So much was taken from the stock for it, or put back. */
  record Drew(List<Draw> draws) implements OfCollection, OnCard {
    public Drew {
      draws = List.copyOf(draws);
    }
  }

  /** A small job was done: what it cured counts no more until it is seen again. */
  record Fixed(Fix fix, LocalDate on) implements OfPlant, Event {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.ALWAYS;
    }
  }

  /** A small job of the collector's own that is to be done on it. */
  record Asked(String task) implements OfCollection {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.WHILE_ASKED;
    }

    @Override
    public void mark(Card.Draft card) {
      card.tasks.add(task);
    }
  }

  /** A small job of the collector's own was done, or is not wanted any more. */
  record Done(String task) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.tasks.remove(task);
    }
  }

  /** Something was given to its roots at the bench. */
  record Aided(Aid aid, String used) implements OfPlant {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.SINCE_POTTED;
    }
  }

  /** A look or a small job of the collector's own was booked, or is due again. */
  record Booked(Booking booking) implements OfCollection {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.WHILE_BOOKED;
    }

    @Override
    public void mark(Card.Draft card) {
      card.bookings.put(booking.uid(), booking);
    }
  }

  /** Such a booking was met for the last time, or is not wanted any more. */
  record Unbooked(UUID booking) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.bookings.remove(booking);
    }
  }

  /** A course against pests or rot was begun on it. */
  record CourseBegun(Course course, LocalDate since) implements OfPlant, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.treatment = new Treatment(course, since);
      card.beside = null;
    }
  }

  /** It was treated once, as its course says. */
  record Treated(UUID course, LocalDate on) implements OfPlant {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.WHILE_TREATED;
    }
  }

  /** A course was begun on a plant that it stands beside. */
  record Beside(Course course, LocalDate since) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.beside = new Treatment(course, since);
    }
  }

  /** A course is over for it, whether it was treated or stood beside. */
  record CourseEnded(UUID course) implements OfPlant, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.treatment = without(card.treatment);
      card.beside = without(card.beside);
    }

    private @Nullable Treatment without(@Nullable Treatment running) {
      return running == null || running.course().uid().equals(course) ? null : running;
    }
  }

  /** A trial was begun with it. */
  record TrialBegun(OnTrial its) implements OfCollection {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.WHILE_ON_TRIAL;
    }

    @Override
    public void mark(Card.Draft card) {
      card.trials.put(its.trial().uid(), its);
    }
  }

  /**
   * A trial is over for it.
   *
   * @param words what its keeper says of it
   */
  record TrialEnded(UUID trial, String words) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.trials.remove(trial);
    }
  }

  /** A check was answered. */
  record Checked(CheckName check, CheckAnswer answer) implements OfPlant {
    @Override
    public Shown shown() {
      return Shown.CHECK;
    }

    @Override
    public Speaks speaks() {
      return Speaks.SINCE_POTTED;
    }
  }

  /**
   * A check was put off.
   *
   * @param until the day for it now
   * @param reason in the collector's own words
   */
  record PutOff(CheckName check, LocalDate until, String reason) implements OfCollection {
    @Override
    public Shown shown() {
      return Shown.CARD;
    }

    @Override
    public Speaks speaks() {
      return Speaks.SINCE_POTTED;
    }
  }

  /** The act that this one stands against should not have been written. */
  record Withdrawn() implements OfCollection, OnCard {}

  /** It was given a number, unique in the collection. */
  record Numbered(String number) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.number = number;
    }
  }

  /** Somebody said what it is called. */
  record Named(Names names) implements OfPlant, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.names = names;
    }
  }

  /**
   * Somebody said what kind of plant it is.
   *
   * @param kind the key of the kind
   * @param own in what this plant differs from it
   */
  record OfKind(String kind, Traits own) implements OfPlant, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.kind = kind;
      card.own = own;
    }
  }

  /** It was stood somewhere. */
  record Moved(Stand stand) implements OfCollection, OnCard {
    @Override
    public Speaks speaks() {
      return Speaks.WHILE_ON_TRIAL;
    }

    @Override
    public void mark(Card.Draft card) {
      card.stand = stand;
    }
  }

  /** Somebody said where it comes from. */
  record Came(Origin origin) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.origin = origin;
    }
  }

  /** Somebody said what is wanted of it. */
  record Wanted(Wish wish) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.wish = wish;
    }
  }

  /** The notes about it were written anew. */
  record Noted(String notes) implements OfPlant, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.notes = notes;
    }
  }

  /** It went on to another part of its life here, or ended it. */
  record Became(Fate fate) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.fate = fate;
      card.inPotOf = null;
    }
  }

  /** It is held in the pot it came in since that day. */
  record Held(LocalDate since) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.heldSince = since;
    }
  }

  /** It is no longer held. */
  record Freed() implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.heldSince = null;
    }
  }

  /** It was pulled aside for the bench on that day. */
  record SetAside(LocalDate since) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.asideOn = since;
    }
  }

  /** It was put back without having been to the bench. */
  record TakenBack() implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.asideOn = null;
    }
  }

  /** It is kept apart from the others since that day. */
  record KeptApart(LocalDate since) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.apartSince = since;
    }
  }

  /** It stands with the others again. */
  record LetIn() implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.apartSince = null;
    }
  }

  /**
   * It was divided from another plant.
   *
   * @param mother by its number in the store; null to say that it was not
   */
  record PartedFrom(@Nullable Long mother) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.mother = mother;
    }
  }

  /**
   * Another plant was divided from it.
   *
   * @param daughter by its number in the store
   */
  record Divided(long daughter) implements OfCollection, OnCard {}

  /**
   * It stands in the pot of another plant, which stands for both; or in one of its own again.
   *
   * @param holder by its number in the store; null if it has a pot of its own
   */
  record InPotOf(@Nullable Long holder) implements OfCollection, OnCard {
    @Override
    public void mark(Card.Draft card) {
      card.inPotOf = holder;
      card.fate = holder == null ? Fate.GROWING : new Fate(PlantStatus.IN_ONE_POT, "");
    }
  }

  /**
   * Another plant stands in its pot from now on.
   *
   * @param other by its number in the store
   */
  record TookIn(long other) implements OfCollection, OnCard {}

  /**
   * What an older version of the program kept of it in words alone.
   *
   * @param words a sentence
   */
  record Recounted(String words) implements OfPlant, OnCard {}

  /** What an older version had kept outside the journal was taken over into it. */
  record TakenOver() implements OfCollection, OnCard {}
}
