package almanac.app.errands.bench.potting;

import almanac.core.figures.Figures;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.Filling;
import almanac.core.pot.Grade;
import almanac.core.pot.MeasuredVolume;
import almanac.core.pot.Portions;
import almanac.core.stock.Stock;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** How much of what goes into pots. */
public record FillView(
    @Schema(description = "The pots filled to their rims, ml") double holdsMl,
    @Schema(description = "What the roots take of it, ml") double ballMl,
    @Schema(description = "The layers under the mix, ml") double bottomMl,
    @Schema(description = "The loose mix to have at hand, ml: it settles") double mixMl,
    @Schema(description = "The layers over the mix, ml") double topMl,
    @Schema(description = "The mix as it is measured out") String measured,
    List<PortionView> portions,
    @Schema(nullable = true, description = "How coarse the pieces should be") @Nullable Grade grade,
    @Schema(nullable = true) @Nullable String gradeWords) {

  /** One component of the mix. */
  public record PortionView(
      Component component,
      String words,
      double ml,
      @Schema(description = "As it is measured out") String measured,
      @Schema(nullable = true, description = "What there is of it, ml; null if it is not kept")
          @Nullable Double inStockMl) {}

  /** What several pots take together. */
  public static FillView of(
      List<Filling> fillings, Mix mix, @Nullable Grade grade, Stock stock, Figures figures) {
    var all = fillings.stream().reduce(Filling.NOTHING, Filling::and);
    double loose = all.mixMl();
    var measured = Portions.measured(mix, loose, figures);
    return new FillView(
        all.holdsMl(),
        all.ballMl(),
        all.bottomMl(),
        loose,
        all.topMl(),
        MeasuredVolume.of(loose, figures).words(),
        Portions.of(mix, loose).entrySet().stream()
            .map(
                part ->
                    new PortionView(
                        part.getKey(),
                        part.getKey().words(),
                        part.getValue(),
                        Objects.requireNonNull(measured.get(part.getKey())).words(),
                        stock.keeps(part.getKey()) ? stock.ml(part.getKey()) : null))
            .toList(),
        grade,
        grade == null ? null : "%s, %s".formatted(grade.words(), grade.filled()));
  }
}
