package almanac.core.rest;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.kinds.Rest;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * How a plant rests on a day. Rules: Rest.
 *
 * @param way of its kind
 * @param phase how far it is
 * @param wakes when it is likely to wake; of no meaning in growth
 */
public record Resting(Rest way, RestPhase phase, LocalDate wakes) {
  private static final Set<Item<?>> WET =
      Set.of(Items.BUBBLES, Items.SINKING, Items.SOAK_PH, Items.SALTS);

  /** What does not rest then. */
  public static Resting inGrowth(Rest way, LocalDate day) {
    return new Resting(way, RestPhase.IN_GROWTH, day);
  }

  /** Whether it has stopped, or is about to. */
  public boolean stopped() {
    return phase == RestPhase.AT_REST || phase == RestPhase.GOING && way.dries();
  }

  /** Whether a move waits for the end of it. */
  public boolean holdsAMove() {
    return stopped() && way.ofWinter();
  }

  /**
   * Whether a dry medium, lost leaves, lined bulbs and stopped tips are as they should be, and
   * water would do harm.
   */
  public boolean keptDry() {
    return stopped() || phase == RestPhase.WAKING && way == Rest.DRY;
  }

  /** Whether that look wets or unpots the plant at a time at which neither should be. */
  public boolean forbids(Item<?> item) {
    return keptDry() && (WET.contains(item) || item == Items.ROOTS_IN_POT);
  }

  /** How it is kept now, and until when; nothing while it grows. */
  public Optional<Sentence> words() {
    return phase == RestPhase.IN_GROWTH
        ? Optional.empty()
        : Optional.of(
            switch (way) {
              case DRY -> dry();
              case ALMOST_DRY -> almostDry();
              case COOL ->
                  phase == RestPhase.GOING
                      ? say("Going to rest: cooler and bright, a little less water, no feed.")
                      : say(
                          "At rest: cool and bright, only just moist, no feed; new growth about"
                              + " {}.",
                          wakes);
              case DRIER ->
                  say(
                      "At rest, its bulb is ripe: drier, not dry, until an eye swells or {}.",
                      wakes);
              case NONE -> throw new IllegalStateException("It does not rest");
            });
  }

  private Sentence dry() {
    return switch (phase) {
      case GOING -> say("Going to rest: less water as its leaves yellow, none once they are down.");
      case AT_REST ->
          say(
              "At rest: keep it dry and unfed until its new growth has roots, not before {}.",
              wakes);
      default ->
          say(
              "Waking: still dry. First water when its growth is 50 to 80 mm high and its roots"
                  + " are out.");
    };
  }

  private Sentence almostDry() {
    return switch (phase) {
      case GOING -> say("Going to rest: bright and cooler, less water by the week, no feed.");
      case AT_REST ->
          say(
              "At rest: bright and almost dry, no feed, until buds swell or growth shows, about"
                  + " {}.",
              wakes);
      default -> say("Waking: a first sip once buds swell or new growth shows; then as usual.");
    };
  }
}
