package almanac.core.pot;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.words.Sentence;
import java.util.Optional;

/** How well a pot goes with the roots and the way of growing of a kind. Rules: Pot and place. */
public enum Suits {
  WELL,
  NEITHER,
  BADLY;

  static Suits of(Pot pot, Kind kind, Figures figures) {
    var type = pot.type();
    return switch (kind.bestPot()) {
      case ANY -> NEITHER;
      case BASKET ->
          type.open()
              ? WELL
              : type == PotType.RESERVOIR || type == PotType.GLAZED ? BADLY : NEITHER;
      case OPAQUE ->
          switch (type) {
            case CLEAR, BASKET, MESH, MOUNT -> BADLY;
            case UNKNOWN -> NEITHER;
            default -> WELL;
          };
      case SQUAT -> squat(pot, figures) ? WELL : tall(pot, figures) ? BADLY : NEITHER;
      case TALL ->
          tall(pot, figures) || type == PotType.CLAY || type == PotType.GLAZED
              ? WELL
              : squat(pot, figures) ? BADLY : NEITHER;
    };
  }

  private static boolean squat(Pot pot, Figures figures) {
    return depth(pot).filter(depth -> depth <= figures.of(PlaceFigures.SQUAT)).isPresent();
  }

  private static boolean tall(Pot pot, Figures figures) {
    return depth(pot).filter(depth -> depth >= figures.of(PlaceFigures.TALL)).isPresent();
  }

  /** How deep it is, % of what it is across; nothing if nobody measured both. */
  private static Optional<Double> depth(Pot pot) {
    return pot.diameterMm() == null || pot.depthMm() == null
        ? Optional.empty()
        : Optional.of(pot.depthMm() / pot.diameterMm() * 100);
  }

  /** What there is to say of it, in a sentence. */
  Optional<Sentence> said(Kind kind) {
    var words =
        switch (this) {
          case NEITHER -> "";
          case WELL ->
              switch (kind.bestPot()) {
                case ANY -> "";
                case BASKET -> "Air gets to its roots through the sides.";
                case OPAQUE -> "No light gets at its roots.";
                case SQUAT -> "Its roots stay near the surface, as the pot does.";
                case TALL -> "Its canes do not tip it over.";
              };
          case BADLY ->
              switch (kind.bestPot()) {
                case ANY -> "";
                case BASKET -> "Its roots want air from the sides: a basket or mesh is better.";
                case OPAQUE -> "Its roots want no light: put a dark cover round it.";
                case SQUAT -> "Its roots stay near the surface: the lower half would stay wet.";
                case TALL -> "Its canes tip so shallow a pot over: weigh it down or tie it.";
              };
        };
    return words.isEmpty() ? Optional.empty() : Optional.of(say(words));
  }
}
