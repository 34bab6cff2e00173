package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.roots.RootStage;
import almanac.core.season.Conditions;
import almanac.core.season.GrowthPace;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What was foretold is held against the next look of the same kind, as it stood then. */
class ForetoldTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate POTTED = LocalDate.of(2025, 5, 1);
  private static final LocalDate DAY = LocalDate.of(2026, 6, 1);
  private static final Kind KIND = StandardKinds.named("oncidium").orElseThrow();
  private static final Temperatures WARM = Temperatures.steady(20);
  private static final GrowthPace PACE =
      new Conditions(LightYear.at(56), OptionalDouble.of(14), Optional.of(WARM))
          .pace(KIND.warmth(), FIGURES);

  private final Chronicle chronicle = new Chronicle();

  {
    potted(POTTED);
  }

  private void potted(LocalDate on) {
    chronicle.on(
        on,
        new Happening.Potted(
            new Potting(PottedOn.on(on), on, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN)));
  }

  private void roots(LocalDate on, RootStage stage, double mm) {
    var found = Items.NEW_ROOTS.found(List.of(stage.name()), mm, FIGURES);
    chronicle.on(on, new Happening.Inspected(Inspection.on(on).with(Items.NEW_ROOTS, found)));
  }

  private void saw(LocalDate on, RootStage stage) {
    chronicle.on(
        on,
        new Happening.Inspected(
            Inspection.on(on).with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(stage))));
  }

  private void felt(LocalDate on, MediumPiece piece) {
    chronicle.on(
        on,
        new Happening.Inspected(
            Inspection.on(on).with(Items.MEDIUM_PIECE, Items.MEDIUM_PIECE.saw(piece))));
  }

  private List<Foretold> foretold() {
    return Foretold.of(chronicle.plant(), KIND, PACE, WARM, FIGURES);
  }

  @Test
  void rootsThatGrewAsTheirKindDoesCameAsForetoldAndThoseThatStoodStillDidNot() {
    roots(DAY, RootStage.NUB, 8);
    roots(DAY.plusDays(14), RootStage.SHORT, 40);
    roots(DAY.plusDays(42), RootStage.SHORT, 41);
    assertThat(foretold())
        .containsExactly(
            new Foretold(Foretold.What.ROOTS, DAY, DAY.plusDays(14), true),
            new Foretold(Foretold.What.ROOTS, DAY.plusDays(14), DAY.plusDays(42), false));
  }

  @Test
  void whatWasSeenByEyeIsHeldAgainstItsStage() {
    saw(DAY, RootStage.NUB);
    saw(DAY.plusDays(21), RootStage.SHORT);
    saw(DAY.plusDays(31), RootStage.LONG);
    assertThat(foretold()).extracting(Foretold::came).containsExactly(true, false);
  }

  @Test
  void aNewFlushOneWithinAWeekAndOneInAnotherPotAreNoForecast() {
    roots(DAY, RootStage.SHORT, 40);
    roots(DAY.plusDays(5), RootStage.SHORT, 45);
    roots(DAY.plusDays(20), RootStage.NUB, 6);
    potted(DAY.plusDays(22));
    roots(DAY.plusDays(30), RootStage.NUB, 15);
    saw(DAY.plusDays(40), RootStage.ANCHORED);
    saw(DAY.plusDays(60), RootStage.NUB);
    saw(DAY.plusDays(103), RootStage.LONG);
    assertThat(foretold()).isEmpty();
  }

  @Test
  void aPieceTellsWhetherTheCalendarWasRight() {
    felt(POTTED.plusDays(360), MediumPiece.KEEPS_SHAPE);
    felt(POTTED.plusDays(420), MediumPiece.KEEPS_SHAPE);
    var other = new ForetoldTest();
    other.felt(POTTED.plusDays(100), MediumPiece.MUSH);
    assertThat(other.foretold())
        .containsExactly(new Foretold(Foretold.What.MEDIUM, POTTED, POTTED.plusDays(100), false));
    assertThat(foretold()).hasSize(2).extracting(Foretold::said).startsWith(POTTED);
  }

  private void rim(LocalDate on, double mm) {
    var found = Items.RIM.found(List.of(), mm, FIGURES);
    chronicle.on(on, new Happening.Inspected(Inspection.on(on).with(Items.RIM, found)));
  }

  private void rim(LocalDate on, Rim seen) {
    chronicle.on(
        on, new Happening.Inspected(Inspection.on(on).with(Items.RIM, Items.RIM.saw(seen))));
  }

  private static Foretold atRim(LocalDate from, LocalDate to, boolean came) {
    return new Foretold(Foretold.What.RIM, from, to, came);
  }

  /** The day on which its kind has made so many growths more. */
  private static LocalDate after(double growths) {
    return DAY.plusDays(Math.round(growths / KIND.of(Trait.GROWTHS_A_YEAR) * 365.25));
  }

  @Test
  void aLeadIsForetoldOnceAnotherGrowthIsDueAndMayBeOneMoreOrLess() {
    double step = KIND.of(Trait.RHIZOME_STEP_MM);
    rim(DAY, 5 * step);
    rim(after(0.9), 5 * step);
    rim(after(1.05), 3.1 * step);
    rim(after(2.2), 0.8 * step);
    rim(after(3.3), Rim.OVER);
    rim(after(4.5), Rim.OVER);
    assertThat(foretold())
        .containsExactly(
            atRim(DAY, after(1.05), true),
            atRim(after(1.05), after(2.2), false),
            atRim(after(2.2), after(3.3), true));
  }

  @Test
  void aLeadThatJammedIsOverAndOneWithRoomIsNot() {
    double step = KIND.of(Trait.RHIZOME_STEP_MM);
    rim(DAY, 0.5 * step);
    rim(after(1.1), Rim.JAMMED);
    var other = new ForetoldTest();
    other.rim(DAY, 0.1 * step);
    other.rim(after(2), Rim.ROOM);
    assertThat(foretold()).containsExactly(atRim(DAY, after(1.1), true));
    assertThat(other.foretold()).containsExactly(atRim(DAY, after(2), false));
  }

  @Test
  void whatCameLongAgoIsLeftOut() {
    var told = new Foretold(Foretold.What.ROOTS, DAY, DAY.plusDays(14), true);
    int days = FIGURES.count(LearningFigures.FORETOLD_DAYS);
    assertThat(Foretold.lately(List.of(told), told.seen().plusDays(days), FIGURES)).hasSize(1);
    assertThat(Foretold.lately(List.of(told), told.seen().plusDays(days + 1), FIGURES)).isEmpty();
  }
}
