package almanac.core.medium;

import almanac.core.figures.Figure;
import almanac.core.figures.Unit;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a potting mix is made of. Organic components decay, inert ones do not. */
public enum Component {
  BARK_FINE("fine bark", "under 8 mm", 18, "Small pieces have the most surface to rot from"),
  BARK_MEDIUM("medium bark", "8–12 mm", 24, "The common grade lasts two years"),
  BARK_COARSE("coarse bark", "over 12 mm", 30, "Large pieces rot slowly from outside"),
  BARK_PREMIUM("premium bark", "hard, resinous", 36, "Dense, resinous bark holds for three years"),
  SPHAGNUM_BEST("long-fibre sphagnum", "best grade", 33, "Long live fibres keep air between them"),
  SPHAGNUM_BASKET("basket moss", "ordinary", 9, "Short dead fibres collapse within the year"),
  COCONUT_CHIPS("coconut husk chips", "", 30, "Husk holds its shape like coarse bark"),
  COCONUT_FIBRE("coconut fibre", "peat, rooting plug", 15, "Fine fibres stay soaked and compact"),
  TREE_FERN("tree fern", "", 48, "Wiry roots that rot very slowly"),
  CORK_CHARCOAL("cork, charcoal", "", 60, "Nearly inert; what settles on it ages it"),
  POTTING_SOIL("potting soil", "for terrestrials", 24, "Soil slumps after two years"),
  PUMICE("pumice"),
  LAVA("lava"),
  FIRED_CLAY("fired clay"),
  PERLITE("perlite"),
  GRAVEL("gravel"),
  SYNTHETIC_FIBRE("synthetic fibre"),
  /** Roots on a slab or branch, in nothing at all. */
  MOUNT("mount"),
  /** Nobody knows what it is. */
  UNKNOWN("unknown medium", "", 24, "Nobody knows it, so it is taken for the common grade of bark");

  private final String words;
  private final String detail;
  private final @Nullable Figure life;

  Component(String words, String detail, double months, String reason) {
    this.words = words;
    this.detail = detail;
    this.life =
        MediumFigures.LIVES.figure(
            name().toLowerCase(Locale.ROOT).replace('_', '-'), months, Unit.MONTHS, 1, 240, reason);
  }

  Component(String words) {
    this.words = words;
    this.detail = "";
    this.life = null;
  }

  /** As a grower says it. */
  public String words() {
    return words;
  }

  /** Its grade or what else goes by the name; may be empty. */
  public String detail() {
    return detail;
  }

  /** Months until used up at 20 °C, watered when dry; none for what does not decay. */
  public Optional<Figure> life() {
    return Optional.ofNullable(life);
  }

  /** Whether it decays. */
  public boolean organic() {
    return life != null;
  }
}
