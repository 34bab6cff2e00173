package almanac.core.pot;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.kinds.Trait;
import almanac.core.refusals.Refused;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/** Which pot is right for a plant. Rules: Pot and place. */
public final class Seats {
  private static final double MONTHS_A_YEAR = 12;

  /** Pots are sold in such steps, mm. */
  private static final double STEP_MM = 10;

  private static final int MOST_POTS = 500;

  private final Outline outline;
  private final PotMove move;
  private final Figures figures;

  public Seats(Outline outline, PotMove move, Figures figures) {
    this.outline = outline.outermost();
    this.move = move;
    this.figures = figures;
  }

  /**
   * The plant in each of these pots.
   *
   * @param pots each measured across
   * @return the best first
   * @throws Refused if a pot was not measured
   */
  public List<Seat> in(List<Pot> pots) {
    if (pots.size() > MOST_POTS) {
      throw new Refused(PlaceField.POTS, "Compare at most %d pots.".formatted(MOST_POTS));
    }
    return pots.stream().map(this::in).sorted(byWorth()).toList();
  }

  private Comparator<Seat> byWorth() {
    return Comparator.comparing(Seat::fit)
        .thenComparing(Seat::suits)
        .thenComparingDouble(this::awayFromWanted)
        .thenComparingDouble(seat -> across(seat.pot()))
        .thenComparing(seat -> seat.pot().type());
  }

  /** A rootless plant wants the smallest pot, and roots that would break the smallest step. */
  private double awayFromWanted(Seat seat) {
    if (move.rootless() || move.rootsWouldBreak()) {
      return across(seat.pot());
    }
    return outline.creeps()
        ? Math.abs(seat.room().years() - wantedYears())
        : Math.abs(across(seat.pot()) - wantedMm());
  }

  private Seat in(Pot pot) {
    var room = Room.anywhere(outline, across(pot), figures);
    var because = new ArrayList<Sentence>();
    var fit = fit(pot, room, because);
    var suits = Suits.of(pot, move.kind(), figures);
    if (pot.type() == PotType.CLEAR && !light()) {
      because.add(say("Its roots want no light: put a dark cover round it."));
    } else {
      suits.said(move.kind()).ifPresent(because::add);
    }
    var shift = Spot.MIDDLE.less(room.middle());
    boolean shifted = shift.mm() >= figures.of(PlaceFigures.SET_TO);
    return new Seat(pot, room, shift, shifted, fit, suits, List.copyOf(because));
  }

  private boolean light() {
    return move.kind().of(Trait.LIGHT_ON_ROOTS);
  }

  private Fit fit(Pot pot, Room room, List<Sentence> because) {
    double across = across(pot);
    if (!room.fits()) {
      because.add(say("It does not hold what there is."));
      return Fit.TOO_SMALL;
    }
    if (move.rootsWouldBreak() && across < aFingerWider()) {
      because.add(say("Its roots would break in it."));
      return Fit.TOO_SMALL;
    }
    if (move.ballStays() && move.oldMm().isPresent() && across <= move.oldMm().getAsDouble()) {
      because.add(say("The ball does not go into it whole."));
      return Fit.TOO_SMALL;
    }
    if (move.ballStays() && shallow(pot)) {
      because.add(say("It is less deep than the ball."));
      return Fit.TOO_SMALL;
    }
    if (move.rootsWouldBreak()) {
      because.add(say("Keep it drier until its roots reach the wall."));
      return Fit.GOOD;
    }
    var most = most();
    if (most.isPresent() && across > most.getAsDouble()) {
      because.add(tooWide());
      return Fit.TOO_LARGE;
    }
    if (!outline.creeps() || move.followsRoots() || move.rootless()) {
      return Fit.GOOD;
    }
    if (room.years() * MONTHS_A_YEAR < figures.of(PlaceFigures.LEAST_MONTHS)) {
      because.add(say("Too soon at the rim again."));
      return Fit.SHORT;
    }
    if (move.mediumYears().isPresent() && room.years() > longest()) {
      because.add(
          say(
              "The mix would be spent {} before the room.",
              Measure.MONTHS.of(
                  Math.rint((room.years() - move.mediumYears().getAsDouble()) * MONTHS_A_YEAR))));
      return Fit.TOO_LARGE;
    }
    return Fit.GOOD;
  }

  private boolean shallow(Pot pot) {
    return pot.depthMm() != null
        && move.oldDepthMm().isPresent()
        && pot.depthMm() < move.oldDepthMm().getAsDouble();
  }

  private Sentence tooWide() {
    if (move.rootless()) {
      return say("Without roots the smallest pot that stands is the best.");
    }
    return move.followsRoots()
        ? say("The pot follows the roots, not the leaves.")
        : say("More than two fingers wider than the old pot: it would stay wet.");
  }

  /** The widest pot, mm, as far as anything limits it. */
  private OptionalDouble most() {
    if (move.oldMm().isEmpty()) {
      return OptionalDouble.empty();
    }
    double old = move.oldMm().getAsDouble();
    if (move.followsRoots() || move.rootless()) {
      return OptionalDouble.of(old);
    }
    return move.rootsWouldBreak()
        ? OptionalDouble.empty()
        : OptionalDouble.of(old + figures.of(PlaceFigures.WIDER_MOST));
  }

  /** In what decays there is no sense in room for longer than it lasts. */
  private double longest() {
    return Math.max(
        move.mediumYears().orElse(Room.LONGEST),
        figures.of(PlaceFigures.ORGANIC_MOST_MONTHS) / MONTHS_A_YEAR);
  }

  private double wantedYears() {
    double wanted = figures.of(PlaceFigures.WANTED_MONTHS) / MONTHS_A_YEAR;
    return Math.min(wanted, Math.max(1, move.mediumYears().orElse(wanted)));
  }

  /** The pot that would be right, mm across, whether there is one or not. */
  public double wantedMm() {
    if (move.rootsWouldBreak()) {
      return Math.max(holding(0), up(aFingerWider()));
    }
    double years = outline.creeps() && !move.followsRoots() && !move.rootless() ? wantedYears() : 0;
    double wanted =
        outline.creeps() && !move.ballStays() || move.rootless()
            ? holding(years)
            : Math.max(holding(years), up(aFingerWider()));
    return most().isPresent()
        ? Math.max(holding(0), Math.min(wanted, down(most().getAsDouble())))
        : Math.min(wanted, mostOfUnknown());
  }

  /**
   * The widest pot where nobody says what it stood in, mm: two fingers wider than what holds it
   * today, or with room for the shortest time that is worth a move.
   */
  private double mostOfUnknown() {
    return Math.max(
        holding(0) + figures.of(PlaceFigures.WIDER_MOST),
        holding(figures.of(PlaceFigures.LEAST_MONTHS) / MONTHS_A_YEAR));
  }

  /** The narrowest pot that holds it for so many years, mm. */
  private double holding(double years) {
    return up(2 * (outline.around(years).radiusMm() + figures.of(PlaceFigures.MARGIN)));
  }

  private static double up(double mm) {
    return Math.ceil(mm / STEP_MM) * STEP_MM;
  }

  private static double down(double mm) {
    return Math.floor(mm / STEP_MM) * STEP_MM;
  }

  private double aFingerWider() {
    double wider = move.followsRoots() ? 0 : figures.of(PlaceFigures.WIDER_MOST) / 2;
    return move.oldMm().isPresent() ? move.oldMm().getAsDouble() + wider : 0;
  }

  /** The first pot that is right, if any is. */
  public static Optional<Seat> best(List<Seat> seats) {
    return seats.stream().filter(seat -> seat.fit() == Fit.GOOD).findFirst();
  }

  private static double across(Pot pot) {
    return Objects.requireNonNull(pot.diameterMm());
  }
}
