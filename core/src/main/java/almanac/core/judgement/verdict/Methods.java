package almanac.core.judgement.verdict;

import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.inspection.Parts;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Need.Matter;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.medium.Component;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Piece;
import java.util.List;

/** How a plant is moved, if it is. Rules: From need to verdict, method. */
final class Methods {
  /** More than half of the volume holds the rest together. */
  private static final double MOSTLY = 0.5;

  private Methods() {}

  /** Move up, part repot, full repot or divide. */
  static Verdict of(Evidence evidence, List<Reason> reasons) {
    if (partsByItself(evidence)) {
      return Verdict.DIVIDE;
    }
    boolean onlyRoom =
        reasons.stream()
            .filter(reason -> reason.scale() == Scale.NEED && reason.points() > 0)
            .allMatch(reason -> reason.isMatterOf(Matter.ROOM) || soundUse(reason, evidence));
    if (!onlyRoom || !sound(evidence)) {
      return Verdict.FULL_REPOT;
    }
    return holdsTogether(evidence) ? Verdict.MOVE_UP : Verdict.PART_REPOT;
  }

  private static boolean partsByItself(Evidence evidence) {
    var parts = evidence.look(Item.PARTS);
    boolean asTwo =
        parts.saw(Parts.TWO_SOUND)
            && evidence.approach() != Approach.UNDISTURBED_ROOTS
            && evidence.situation().aim() != Aim.GROW_LARGE;
    return asTwo || parts.saw(Parts.BARE_MIDDLE) || parts.saw(Parts.FALLS_APART);
  }

  /** A medium that is only mature adds a few points without being the reason. */
  private static boolean soundUse(Reason reason, Evidence evidence) {
    return reason.basis().equals(NeedFigures.MEDIUM_DUE) && sound(evidence);
  }

  private static boolean sound(Evidence evidence) {
    var piece = evidence.look(Item.MEDIUM_PIECE);
    var smell = evidence.look(Item.SMELL);
    boolean bad =
        piece.saw(Piece.TEARS)
            || piece.saw(Piece.MUSH)
            || smell.saw(Smell.SOUR)
            || smell.saw(Smell.ROTTEN);
    boolean fresh =
        evidence.used().isEmpty()
            || evidence.used().get().known()
                && evidence.used().get().likely() < evidence.figures().of(MediumFigures.DUE);
    return fresh && !bad;
  }

  /** Inert media and sound moss come out of a pot in one piece; bark falls apart. */
  private static boolean holdsTogether(Evidence evidence) {
    var mix = evidence.situation().history().potting().mix();
    return mix.inert() || mix.share(Component.SPHAGNUM_BEST) > MOSTLY;
  }
}
