package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Parts;
import almanac.core.inspection.PotState;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.Need.Matter;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumPiece;
import almanac.core.words.Sentence;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** How a plant is moved, if it is: the method follows the cause. */
final class Methods {
  /** More than half of the volume holds the rest together. */
  private static final double MOSTLY = 0.5;

  /** How it stands, without a word about its room. */
  private static final Set<Need> STAND =
      Set.of(NeedFigures.WOBBLE, NeedFigures.LOOSE, NeedFigures.LEANING);

  private final Evidence evidence;
  private final List<Reason> needs;

  private Methods(Evidence evidence, List<Reason> reasons) {
    this.evidence = evidence;
    this.needs =
        reasons.stream()
            .filter(reason -> reason.scale() == Scale.NEED && reason.points() > 0)
            .toList();
  }

  /** The method that answers every need. */
  static Method of(Evidence evidence, List<Reason> reasons) {
    return new Methods(evidence, reasons).method();
  }

  /** What the needs of place ask for by themselves: the ball whole, in more room. */
  static Method ofPlace(Evidence evidence, List<Reason> reasons) {
    return new Methods(evidence, reasons).moveUp();
  }

  /** The needs of place, with a medium that is not yet due. */
  static List<Reason> placeReasons(Evidence evidence, List<Reason> reasons) {
    var methods = new Methods(evidence, reasons);
    return methods.needs.stream().filter(methods::ofPlace).toList();
  }

  /** Whether the medium has to go; then nothing that keeps it is offered. */
  static boolean mediumGoes(Evidence evidence, List<Reason> reasons) {
    return new Methods(evidence, reasons).mediumGoes().isPresent();
  }

  private Method method() {
    if (partsByItself()) {
      return new Method(
          Verdict.DIVIDE,
          EnumSet.of(Step.PART, Step.MEDIUM_OFF, Step.FRESH_MEDIUM),
          say("Divide: each part with a lead, growths and roots of its own."),
          "it would part into sound pieces");
    }
    var goes = mediumGoes();
    if (goes.isPresent()) {
      return full(goes.get());
    }
    boolean ofPlace =
        needs.isEmpty() || needs.stream().anyMatch(need -> need.isMatterOf(Matter.PLACE));
    if (evidence.approach() == Approach.UNDISTURBED_ROOTS && ofPlace) {
      return moveUp();
    }
    if (!needs.stream().allMatch(this::ofPlace)) {
      return full(mainCause());
    }
    boolean piecemeal =
        wandered() || needs.stream().noneMatch(need -> need.isMatterOf(Matter.PLACE));
    return piecemeal && !holdsTogether() ? partRepot() : moveUp();
  }

  private java.util.Optional<String> mediumGoes() {
    var used = evidence.used();
    boolean spent =
        used.isPresent() && used.get().known() && used.get().likely() >= of(MediumFigures.SPENT);
    if (spent || feltBad()) {
      return java.util.Optional.of("the medium is spent");
    }
    var smell = evidence.look(Items.SMELL);
    if (smell.saw(Smell.SOUR) || smell.saw(Smell.ROTTEN)) {
      return java.util.Optional.of("the medium is sour or rotten");
    }
    return needs.stream()
        .filter(reason -> reason.isMatterOf(Matter.MEDIUM))
        .findFirst()
        .map(
            reason ->
                reason.basis().equals(NeedFigures.ROOTS_MIXED)
                    ? "roots soften in the medium"
                    : "the medium does not suit it");
  }

  private boolean feltBad() {
    var piece = evidence.look(Items.MEDIUM_PIECE);
    boolean decays = evidence.used().isPresent();
    return decays && (piece.saw(MediumPiece.TEARS) || piece.saw(MediumPiece.MUSH));
  }

  private boolean partsByItself() {
    var parts = evidence.look(Items.PARTS);
    boolean asTwo =
        parts.saw(Parts.TWO_SOUND)
            && evidence.approach() != Approach.UNDISTURBED_ROOTS
            && evidence.situation().aim() != Aim.GROW_LARGE;
    return asTwo
        || parts.saw(Parts.BARE_MIDDLE)
        || parts.saw(Parts.FALLS_APART)
        || evidence.fresh(Items.BREAKAGE).saw(Breakage.PARTED);
  }

  /**
   * A matter of place, how it stands included, or a few points of age that are no cause by
   * themselves.
   */
  private boolean ofPlace(Reason reason) {
    return reason.isMatterOf(Matter.PLACE)
        || reason.basis().equals(NeedFigures.LOOSE)
        || reason.isMatterOf(Matter.AGE) && notYetDue();
  }

  /** A medium that is getting old is no reason to keep it, unless the place is what presses. */
  private boolean placeOutweighsAge() {
    return points(Matter.PLACE) >= points(Matter.AGE) || points(Matter.PLACE) == 0;
  }

  private double points(Matter matter) {
    return needs.stream().filter(need -> need.isMatterOf(matter)).mapToDouble(Reason::points).sum();
  }

  private boolean notYetDue() {
    return evidence
        .used()
        .filter(used -> used.known() && used.likely() < of(MediumFigures.DUE))
        .isPresent();
  }

  /** Whether it is the lead that has gone to one side. */
  private boolean wandered() {
    return evidence.rim().filter(rim -> rim != Rim.ROOM).isPresent();
  }

  /** Inert media and sound moss come out of a pot in one piece; bark falls apart. */
  private boolean holdsTogether() {
    var mix = evidence.situation().history().potting().mix();
    return mix.inert() || mix.share(Component.SPHAGNUM_BEST) > MOSTLY;
  }

  private String mainCause() {
    return needs.stream()
        .filter(reason -> !ofPlace(reason))
        .map(Reason::basis)
        .filter(Need.class::isInstance)
        .map(basis -> ((Need) basis).matter())
        .filter(matter -> matter == Matter.AGE)
        .findFirst()
        .map(age -> "the medium is due")
        .orElse("something is wrong below");
  }

  private Method moveUp() {
    if (!wantsRoom() || noLargerPot()) {
      return setFirm();
    }
    var steps = EnumSet.of(Step.KEEP_BALL, Step.LARGER_POT);
    var how = new StringBuilder("Move up: the ball whole into a larger pot");
    if (wandered()) {
      steps.add(Step.SHIFT);
      how.append(", old side to the rim");
    }
    if (sitsHigh()) {
      steps.add(Step.DEEPER);
      how.append(", set deeper");
    }
    if (standsBadly()) {
      how.append(", staked");
    }
    how.append("; nothing untangled.");
    return new Method(
        Verdict.MOVE_UP, steps, say(how.toString()), "only its place in the pot is wrong");
  }

  /** Only how it stands is wrong, or it must not get more room: the same pot. */
  private Method setFirm() {
    if (evidence.look(Items.POT).saw(PotState.FAR_TOO_LARGE)) {
      return stripped("its pot is far too large");
    }
    return new Method(
        Verdict.MOVE_UP,
        EnumSet.of(Step.KEEP_BALL, Step.DEEPER),
        say("The ball whole into the same pot, a little deeper, firm and staked."),
        "only how it stands is wrong");
  }

  private boolean wantsRoom() {
    return needs.isEmpty()
        || needs.stream()
            .map(Reason::basis)
            .anyMatch(
                basis ->
                    basis instanceof Need need
                        && need.matter() == Matter.PLACE
                        && !STAND.contains(need));
  }

  private boolean standsBadly() {
    return needs.stream().map(Reason::basis).anyMatch(STAND::contains);
  }

  /** Without a live root, in more room than it fills, or moved within three months. */
  private boolean noLargerPot() {
    return evidence.look(Items.ROOTS_IN_POT).saw(RootsInPot.NONE)
        || evidence.look(Items.POT).saw(PotState.FAR_TOO_LARGE)
        || evidence.movedLately();
  }

  private boolean sitsHigh() {
    return needs.stream()
        .map(Reason::basis)
        .anyMatch(
            basis ->
                basis.equals(NeedFigures.RISEN)
                    || basis.equals(NeedFigures.RISEN_HIGH)
                    || basis.equals(NeedFigures.ROOTS_IN_AIR));
  }

  private static Method partRepot() {
    return new Method(
        Verdict.PART_REPOT,
        EnumSet.of(Step.BACK_OFF, Step.SHIFT, Step.FRESH_MEDIUM),
        say(
            "Part repot: keep the sound medium, take the back off, old growths to the rim, fresh"
                + " medium in front."),
        "the medium is sound and the plant has wandered to one side");
  }

  private Method full(String because) {
    return hatesRootWork() ? shakenOut(because) : stripped(because);
  }

  /** Kinds that hate root work are never stripped while a sound ball can be kept. */
  private boolean hatesRootWork() {
    return evidence.kind().of(Trait.READY_RULE) == ReadyRule.INTACT_ONLY
        && !evidence.look(Items.ROOTS_IN_POT).saw(RootsInPot.MIXED);
  }

  private static Method shakenOut(String because) {
    return new Method(
        Verdict.PART_REPOT,
        EnumSet.of(Step.SHAKE_OUT, Step.FRESH_MEDIUM),
        say(
            "Part repot: shake and rinse out what falls, untangle nothing, fresh medium round"
                + " the ball."),
        because);
  }

  private Method stripped(String because) {
    Set<Step> steps = EnumSet.of(Step.MEDIUM_OFF, Step.SOFT_ROOTS_OFF, Step.FRESH_MEDIUM);
    boolean fewRoots =
        evidence.look(Items.POT).saw(PotState.FAR_TOO_LARGE)
            || evidence.look(Items.ROOTS_IN_POT).saw(RootsInPot.MIXED);
    if (fewRoots) {
      steps.add(Step.SMALLEST_POT);
    }
    Sentence words =
        fewRoots
            ? say(
                "Full repot: all medium off, dead roots off, fresh medium in a pot that fits the"
                    + " roots left.")
            : say("Full repot: all medium off, dead roots off, fresh medium.");
    return new Method(Verdict.FULL_REPOT, steps, words, because);
  }

  private double of(almanac.core.figures.Figure figure) {
    return evidence.figures().of(figure);
  }
}
