package almanac.core.judgement.reason;

import almanac.core.figures.Figure;
import java.util.Optional;

/** What a reason rests on: a figure of the rules, a hazard, a non-reason, or what nobody knows. */
public sealed interface Basis permits Need, Basis.Base, Basis.Loss, Basis.Bare, Hazard, NoReason {

  /** What its points count towards. */
  Scale scale();

  /** The figure that its points come from; nothing where there is none. */
  default Optional<Figure> figure() {
    return Optional.empty();
  }

  /** How far the newest roots or the newest growth are. */
  record Base(Figure counts) implements Basis {
    @Override
    public Scale scale() {
      return Scale.READINESS;
    }

    @Override
    public Optional<Figure> figure() {
      return Optional.of(counts);
    }
  }

  /** What takes from the readiness. */
  record Loss(Figure counts) implements Basis {
    @Override
    public Scale scale() {
      return Scale.LOSS;
    }

    @Override
    public Optional<Figure> figure() {
      return Optional.of(counts);
    }
  }

  /** What counts nothing by itself. */
  enum Bare implements Basis {
    /** Nothing in the medium decays. */
    NO_CLOCK(Scale.NEED),
    /** Nobody has seen how far it is. */
    UNSEEN(Scale.READINESS),
    /** Nothing is left to save, or keeping it endangers the others. */
    GIVEN_UP(Scale.HAZARD);

    private final Scale scale;

    Bare(Scale scale) {
      this.scale = scale;
    }

    @Override
    public Scale scale() {
      return scale;
    }
  }
}
