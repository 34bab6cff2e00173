package almanac.core.medium;

import almanac.core.figures.Figures;
import almanac.core.words.Answer;

/** What one piece of the medium does between the fingers. */
public enum MediumPiece implements Answer {
  KEEPS_SHAPE("keeps its shape"),
  DENTS("dents"),
  TEARS("tears by hand"),
  MUSH("is mush");

  private final String words;

  MediumPiece(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** The used life that this piece allows. */
  public Band band(Figures figures) {
    return switch (this) {
      case KEEPS_SHAPE -> Band.atMost(figures.of(MediumFigures.KEEPS_SHAPE_MOST));
      case DENTS ->
          new Band(figures.of(MediumFigures.DENTS_LEAST), figures.of(MediumFigures.DENTS_MOST));
      case TEARS -> Band.atLeast(figures.of(MediumFigures.TEARS_LEAST));
      case MUSH -> Band.atLeast(figures.of(MediumFigures.MUSH_LEAST));
    };
  }
}
