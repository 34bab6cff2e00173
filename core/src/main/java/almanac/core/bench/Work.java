package almanac.core.bench;

import almanac.core.history.PlantHistory;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Look;
import almanac.core.inspection.RootsCrowding;
import almanac.core.inspection.Stability;
import almanac.core.inspection.Surface;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Rest;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.Ball;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.Set;

/**
 * What a job at the bench is about.
 *
 * @param on the day of the work
 * @param verdict what is to be done
 * @param method how
 * @param kind the plant's kind
 * @param history all that is known of it, what was found at the bench included
 * @param pot what it stands in
 * @param into the pot it goes into, as far as it is chosen; the old one until then
 * @param fresh the mix it goes into, as far as it is chosen; the old one until then
 * @param added steps that somebody wants besides
 */
public record Work(
    LocalDate on,
    Verdict verdict,
    Method method,
    Kind kind,
    PlantHistory history,
    Pot pot,
    Pot into,
    Mix fresh,
    Set<Task> added) {
  /** More than half of the volume holds the rest together, or falls apart with it. */
  private static final double MOSTLY = 0.5;

  private static final Set<Component> BARK =
      Set.of(
          Component.BARK_FINE,
          Component.BARK_MEDIUM,
          Component.BARK_COARSE,
          Component.BARK_PREMIUM,
          Component.COCONUT_CHIPS);

  private static final Set<Component> MOSS =
      Set.of(Component.SPHAGNUM_BEST, Component.SPHAGNUM_BASKET);

  /**
   * The work that a judgement asks for. Where it asks for none, it is what it would be if it were
   * done all the same.
   *
   * @param situation what was judged, with what was found at the bench
   */
  public static Work of(Judgement judged, Situation situation, Pot pot, Pot into, Mix fresh) {
    boolean asked = judged.verdict().inHand();
    return new Work(
        situation.today(),
        asked ? judged.verdict() : judged.method().verdict(),
        judged.method(),
        situation.kind(),
        situation.history(),
        pot,
        into,
        fresh,
        Set.of());
  }

  /** The same work, done in a way of the collector's own choosing. */
  public Work as(Verdict how) {
    return new Work(on, how, method.as(how), kind, history, pot, into, fresh, added);
  }

  /** The same work with steps that somebody wants besides. */
  public Work and(Set<Task> more) {
    return new Work(on, verdict, method, kind, history, pot, into, fresh, Set.copyOf(more));
  }

  /** How much of the old ball goes into the new pot. */
  public Ball ball() {
    if (does(Step.KEEP_BALL)) {
      return Ball.WHOLE;
    }
    return does(Step.BACK_OFF) || does(Step.SHAKE_OUT) ? Ball.HALF : Ball.BARE;
  }

  /** Whether the ball goes whole into a wider pot. */
  boolean intoAWiderPot() {
    return does(Step.KEEP_BALL) && does(Step.LARGER_POT);
  }

  boolean does(Step step) {
    return method.steps().contains(step);
  }

  boolean only(Verdict one) {
    return verdict == one;
  }

  /** Whether it stands in pieces that fall away from dry roots. */
  boolean inBark() {
    return mostlyBark(old());
  }

  static boolean mostlyBark(Mix mix) {
    return share(mix, BARK) > MOSTLY;
  }

  /** Whether it is a kind that gets no water before its new growth has roots, and has none yet. */
  boolean waitsForItsRoots() {
    var growth = latest(Items.GROWTH);
    return kind.rest() == Rest.DRY
        && !growth.saw(GrowthStage.HALF_GROWN)
        && !growth.saw(GrowthStage.NEARLY_MATURE)
        && latest(Items.NEW_ROOTS).answer().filter(RootStage::measurable).isEmpty();
  }

  boolean intoMoss() {
    return share(fresh, MOSS) > MOSTLY;
  }

  boolean moss() {
    return share(old(), MOSS) > 0 || share(fresh, MOSS) > 0;
  }

  boolean mounted() {
    return fresh.share(Component.MOUNT) > 0;
  }

  /** Whether its base stands in what never dries. */
  boolean wet() {
    var kept = kind.of(Trait.MOISTURE);
    return intoReservoir() || kept == Moisture.ALWAYS_WET || kept == Moisture.KEPT_MOIST;
  }

  boolean intoReservoir() {
    return into.type() == PotType.RESERVOIR;
  }

  boolean clings() {
    var crowding = latest(Items.CROWDING);
    return crowding.saw(RootsCrowding.CLINGING) || crowding.saw(RootsCrowding.OUT_OF_HOLES);
  }

  boolean topped() {
    var surface = latest(Items.SURFACE);
    return !pot.topLayer().isBlank()
        || surface.saw(Surface.WEEDS)
        || surface.saw(Surface.MOSS)
        || surface.saw(Surface.MOULD);
  }

  /** Whether it will not stand by itself. */
  boolean stands() {
    var stability = latest(Items.STABILITY);
    return stability.answer().isEmpty() || stability.saw(Stability.FIRM);
  }

  private <A extends Enum<A> & Answer> Look<A> latest(Item<A> item) {
    return history.latest(item, on);
  }

  private Mix old() {
    return history.potting().mix();
  }

  private static double share(Mix mix, Set<Component> of) {
    return of.stream().mapToDouble(mix::share).sum();
  }
}
