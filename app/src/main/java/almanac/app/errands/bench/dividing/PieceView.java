package almanac.app.errands.bench.dividing;

import almanac.app.judged.pages.Part;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** One piece of a plant that is cut. */
public record PieceView(
    List<String> growths,
    int firm,
    long leads,
    long eyes,
    int roots,
    boolean newRoots,
    boolean sound,
    boolean rotten,
    @Schema(description = "A firm bulb with an eye that may be started by itself, and often fails")
        boolean gamble,
    @Schema(description = "What it is short of, each as part of a sentence")
        List<List<Part>> lacks) {

  /** A piece as it is shown. */
  public static PieceView of(Piece piece) {
    return new PieceView(
        piece.growths().stream().map(MapGrowth::name).toList(),
        piece.firm(),
        piece.leads(),
        piece.eyes(),
        piece.roots(),
        piece.newRoots(),
        piece.sound(),
        piece.rotten(),
        piece.gamble(),
        piece.lacks().stream().map(Part::of).toList());
  }
}
