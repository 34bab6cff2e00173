package almanac.app.judged.pages;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.PlantPage.CheckView;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.entries.TraitsEntry;
import almanac.app.record.site.Today;
import almanac.core.checks.diary.Courses;
import almanac.core.checks.diary.Trials;
import almanac.core.history.Arrival;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.holding.Holding;
import almanac.core.holding.KeptApart;
import almanac.core.inspection.Bloom;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.LastChance;
import almanac.core.judgement.verdict.NowOrHold;
import almanac.core.potting.RoomToRim;
import almanac.core.rhizome.Growth;
import almanac.core.rhizome.Growths;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Draws up what the pages show of a plant. */
@Service
public class Pages {
  private final Plants plants;
  private final Judging judging;
  private final Today today;

  Pages(Plants plants, Judging judging, Today today) {
    this.plants = plants;
    this.judging = judging;
    this.today = today;
  }

  /** The page of one plant, judged today as long as it is here. */
  public PlantPage of(PlantInPlace asked) {
    var whole = plants.whole(asked.id());
    var plant = plants.asOf(whole, asked);
    return plant.plant().here() ? here(plant, whole, today.get()) : gone(plant, whole);
  }

  private PlantPage here(PlantInPlace plant, Plant whole, LocalDate day) {
    var judged = judging.judge(plant, day);
    var card = plant.card();
    return page(
        plant,
        whole,
        Slips.of(
            judging.situation(plant, day),
            judging.judge(plant),
            judged,
            judging.since(plant, day, judged),
            judging.figures()),
        RoomToRim.of(plant.history(), plant.follows(), day).map(Pages::room).orElse(null),
        card.inHand().heldSince() == null ? null : holding(plant, card.inHand().heldSince()),
        card.inHand().apartSince() == null ? null : apart(plant, card.inHand().apartSince()),
        plant.plant().undecidedNewcomer() ? nowOrHold(plant, judged) : null,
        judging.checks(plant, day, judged).stream().map(open -> CheckView.of(open, day)).toList(),
        judging.yearAfterMove(plant, day).stream().map(PlantPage.LaterCheck::of).toList());
  }

  private PlantPage gone(PlantInPlace plant, Plant whole) {
    return page(plant, whole, null, null, null, null, null, List.of(), List.of());
  }

  private PlantPage page(
      PlantInPlace plant,
      Plant whole,
      @Nullable Slip slip,
      PlantPage.@Nullable RoomView room,
      PlantPage.@Nullable HoldingView holding,
      PlantPage.@Nullable ApartView apart,
      PlantPage.@Nullable NowOrHoldView nowOrHold,
      List<CheckView> checks,
      List<PlantPage.LaterCheck> later) {
    var card = plant.card();
    var arrival = card.origin().arrival();
    return new PlantPage(
        plant.id(),
        plant.plant().uid(),
        card.fingerprint(),
        plant.name(),
        card(plant),
        plant.kind().key(),
        plant.kind().name(),
        plant.place(),
        card.wish().aim(),
        card.wish().approach(),
        arrival.map(Arrival::on).orElse(null),
        arrival.map(Arrival::rootless).orElse(false),
        TraitsEntry.ofAPlant(card.who().own()),
        TraitsEntry.ofAPlant(plant.follows().traits()),
        plant.plant().addedOn(),
        PottingView.of((Happening.Potted) plant.plant().potted().happening(), judging.figures()),
        today.get(),
        slip,
        Growths.of(whole.history().life()).stream().map(Pages::growth).toList(),
        room,
        holding,
        apart,
        nowOrHold,
        treatment(plant.plant()),
        OnTrialView.of(Trials.of(plant.plant(), judging.figures())),
        LastChance.of(plant.follows()).map(Part::of).orElse(null),
        card.who().names().flowers(),
        inPotOf(plant),
        plants.everybody().stream()
            .filter(other -> Objects.equals(other.card().inHand().inPotOf(), plant.id()))
            .map(Pages::kin)
            .toList(),
        checks,
        later,
        JournalLines.of(whole.journal(), plants.names(), judging.figures()));
  }

  /** What a write answers. */
  public Saved saved(Written written) {
    return new Saved(written.act().uid(), of(written.plant()), ids(written));
  }

  /** What taking back answers; it may have taken a plant with it. */
  public Altered takenBack(Written written) {
    return new Altered(
        written.act().uid(), written.plants().isEmpty() ? null : of(written.plant()), ids(written));
  }

  /** What a change answers that may have changed nothing. */
  public Altered changed(Optional<Written> written, long plantId) {
    return written
        .map(this::takenBack)
        .orElseGet(() -> new Altered(null, of(plants.one(plantId)), List.of(plantId)));
  }

  private static List<Long> ids(Written written) {
    return written.plants().stream().map(PlantInPlace::id).toList();
  }

  private PlantPage.Card card(PlantInPlace plant) {
    var card = plant.card();
    var everybody = plants.everybody();
    return new PlantPage.Card(
        card.who().number(),
        card.who().names().label(),
        card.who().names().believed(),
        card.who().names().confirmed(),
        card.origin().parents(),
        card.fate().status(),
        card.fate().status().words(),
        card.fate().because(),
        card.notes(),
        card.origin().from(),
        card.origin().price(),
        everybody.stream()
            .filter(other -> Objects.equals(other.id(), card.mother()))
            .findFirst()
            .map(Pages::kin)
            .orElse(null),
        everybody.stream()
            .filter(other -> Objects.equals(other.card().mother(), plant.id()))
            .map(Pages::kin)
            .toList(),
        card.inHand().asideOn(),
        card.inHand().apartSince(),
        card.inHand().heldSince());
  }

  private PlantPage.HoldingView holding(PlantInPlace plant, LocalDate since) {
    var soaked =
        plant.card().origin().arrival().map(Arrival::on).filter(since::isAfter).orElse(since);
    var held = Holding.of(plant.history().life(), soaked, judging.figures());
    return new PlantPage.HoldingView(
        since,
        held.soaks().stream()
            .map(
                soak ->
                    new PlantPage.SoakView(
                        soak.on(), orNull(soak.in()), soak.out(), orNull(soak.drop())))
            .toList(),
        orNull(held.feedTo()),
        held.flush(),
        held.repotAtNubs(),
        held.next().best(),
        Part.of(held.advice()));
  }

  private static @Nullable Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private PlantPage.ApartView apart(PlantInPlace plant, LocalDate since) {
    var apart = KeptApart.of(plant.history().life(), since, today.get(), judging.figures());
    return new PlantPage.ApartView(
        since,
        apart.looks(),
        apart.cleanInARow(),
        apart.found(),
        apart.next().best(),
        apart.free(),
        apart.over());
  }

  private PlantPage.@Nullable TreatmentView treatment(Plant plant) {
    var runs = plant.card().inHand().treatment();
    return new Courses(judging.figures())
        .treated(plant)
        .map(
            treated ->
                new PlantPage.TreatmentView(
                    Objects.requireNonNull(runs).course().product(),
                    runs.since(),
                    treated.left(),
                    treated.over()))
        .orElse(null);
  }

  private static PlantPage.RoomView room(RoomToRim room) {
    return new PlantPage.RoomView(room.seen(), room.mm(), room.stepMm(), room.reached());
  }

  private PlantPage.NowOrHoldView nowOrHold(PlantInPlace plant, Judgement judged) {
    var asked = NowOrHold.of(judged, !plant.history().inspections().isEmpty(), judging.figures());
    return new PlantPage.NowOrHoldView(asked.choice(), Part.of(asked.because()));
  }

  private PlantPage.@Nullable Kin inPotOf(PlantInPlace plant) {
    var holder = plant.card().inHand().inPotOf();
    return holder == null ? null : kin(plants.one(holder));
  }

  private static PlantPage.Kin kin(PlantInPlace kin) {
    return new PlantPage.Kin(
        kin.id(), kin.card().who().number(), kin.name(), kin.card().fate().status().words());
  }

  private static PlantPage.GrowthView growth(Growth growth) {
    var stages = growth.stages();
    return new PlantPage.GrowthView(
        growth.name(),
        growth.lead(),
        growth.since(),
        growth.until().orElse(null),
        growth.size().orElse(null),
        stages.isEmpty() ? "" : stages.get(stages.size() - 1).what().words(),
        growth.roots().stream().flatMapToDouble(look -> look.longestMm().stream()).max().stream()
            .boxed()
            .findFirst()
            .orElse(null),
        growth.flowers().stream().anyMatch(seen -> seen.what() == Bloom.OPEN));
  }
}
