package almanac.app.plants;

import static almanac.core.words.Sentence.say;

import almanac.app.inspections.LookEntry;
import almanac.app.journal.BookedCheck;
import almanac.app.journal.Journal;
import almanac.app.journal.JournalEntry;
import almanac.app.journal.PlantRecord;
import almanac.app.journal.Written;
import almanac.app.judging.Judging;
import almanac.app.plants.PlantPage.CheckView;
import almanac.app.plants.PlantPage.Kind;
import almanac.app.plants.PlantPage.Line;
import almanac.app.plants.PlantPage.PottingView;
import almanac.app.plants.PlantPage.Standing;
import almanac.app.plants.PlantPage.Urgency;
import almanac.app.profiles.DeviationEntry;
import almanac.app.repots.MixPart;
import almanac.app.site.Today;
import almanac.app.web.Part;
import almanac.core.figures.Figures;
import almanac.core.growth.Growth;
import almanac.core.growth.Growths;
import almanac.core.history.Arrival;
import almanac.core.holding.Holding;
import almanac.core.holding.KeptApart;
import almanac.core.inspection.Bloom;
import almanac.core.judgement.NowOrHold;
import almanac.core.potting.RoomToRim;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Draws up what the pages show of a plant. */
@Service
public class Pages {
  private final Journal journal;
  private final Judging judging;
  private final Today today;

  Pages(Journal journal, Judging judging, Today today) {
    this.journal = journal;
    this.judging = judging;
    this.today = today;
  }

  /** The page of one plant, judged today as long as it is here. */
  public PlantPage of(PlantRecord plant) {
    boolean here = plant.facts().status().here();
    return new PlantPage(
        plant.id(),
        plant.version(),
        plant.facts().name(),
        card(plant),
        plant.kind().key(),
        plant.kind().name(),
        plant.bench(),
        plant.aim(),
        plant.approach(),
        plant.arrival().map(Arrival::on).orElse(null),
        plant.arrival().map(Arrival::rootless).orElse(false),
        DeviationEntry.of(plant.own()),
        DeviationEntry.traits(plant.profile()),
        plant.addedOn(),
        potting(plant, judging.figures()),
        today.get(),
        here ? judging.slip(plant, today.get()) : null,
        Growths.of(plant.history().life()).stream().map(Pages::growth).toList(),
        here
            ? RoomToRim.of(plant.history(), plant.profile(), today.get())
                .map(Pages::room)
                .orElse(null)
            : null,
        here && plant.facts().heldSince() != null
            ? holding(plant, plant.facts().heldSince())
            : null,
        here && plant.facts().apartSince() != null
            ? apart(plant, plant.facts().apartSince())
            : null,
        here && plant.undecidedNewcomer() ? nowOrHold(plant) : null,
        plant.openChecks().stream().map(booked -> check(booked, today.get())).toList(),
        lines(plant, journal.changes(plant.id()), judging.figures()));
  }

  /** What a write answers. */
  public Saved saved(Written written) {
    return new Saved(written.entryId(), of(written.plant()));
  }

  /** A check as it stands today. */
  public static CheckView check(BookedCheck booked, LocalDate day) {
    var purpose = booked.check().purpose();
    var window = booked.check().window();
    var urgency =
        day.isAfter(window.late())
            ? Urgency.OVERDUE
            : day.isBefore(window.early()) ? Urgency.LATER : Urgency.DUE;
    return new CheckView(
        booked.id(),
        purpose,
        purpose.title(),
        purpose.lookFor(),
        purpose.answeredByLooking(),
        window.early(),
        window.best(),
        window.late(),
        urgency);
  }

  private PlantPage.Card card(PlantRecord plant) {
    var facts = plant.facts();
    var family = journal.family(plant);
    return new PlantPage.Card(
        facts.number(),
        facts.label(),
        facts.believed(),
        facts.confirmed(),
        facts.parents(),
        facts.status(),
        facts.status().words(),
        facts.statusReason(),
        facts.notes(),
        facts.cameFrom(),
        facts.price(),
        family.stream()
            .filter(kin -> Objects.equals(kin.id(), facts.motherId()))
            .findFirst()
            .map(Pages::kin)
            .orElse(null),
        family.stream()
            .filter(kin -> !Objects.equals(kin.id(), facts.motherId()))
            .map(Pages::kin)
            .toList(),
        facts.asideOn(),
        facts.apartSince(),
        facts.heldSince());
  }

  private PlantPage.HoldingView holding(PlantRecord plant, LocalDate since) {
    var held = Holding.of(plant.history().life(), since, judging.figures());
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

  private PlantPage.ApartView apart(PlantRecord plant, LocalDate since) {
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

  private static PlantPage.RoomView room(RoomToRim room) {
    return new PlantPage.RoomView(room.seen(), room.mm(), room.stepMm(), room.reached());
  }

  private PlantPage.NowOrHoldView nowOrHold(PlantRecord plant) {
    var asked =
        NowOrHold.of(
            judging.judge(plant, today.get()),
            !plant.history().inspections().isEmpty(),
            judging.figures());
    return new PlantPage.NowOrHoldView(asked.choice(), Part.of(asked.because()));
  }

  private static PlantPage.Kin kin(Journal.Kin kin) {
    return new PlantPage.Kin(kin.id(), kin.number(), kin.name(), kin.status().words());
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

  private static PottingView potting(PlantRecord plant, Figures figures) {
    return potting((JournalEntry.Potted) plant.currentPotting().content(), figures);
  }

  private static PottingView potting(JournalEntry.Potted potted, Figures figures) {
    var potting = potted.potting();
    return new PottingView(
        potting.pottedOn().text(),
        MixPart.of(potting.mix()),
        potting.mix().words(),
        potting.moisture(),
        potting.moisture().words(),
        potted.pot().type(),
        Part.of(potted.pot().saidInFull(figures)),
        potted.pot().diameterMm(),
        potted.pot().depthMm(),
        potted.pot().topLayer());
  }

  private static List<Line> lines(
      PlantRecord plant, List<Journal.Change> changes, Figures figures) {
    var superseded = plant.superseded();
    var titles =
        plant.checks().stream()
            .collect(Collectors.toMap(BookedCheck::id, booked -> booked.check().purpose().title()));
    var journal =
        plant.entries().stream()
            .filter(entry -> !(entry.content() instanceof JournalEntry.Withdrawn))
            .map(
                entry ->
                    line(
                        entry,
                        standing(superseded.get(entry.id())),
                        titles,
                        plant.cameIn(entry),
                        figures));
    return Stream.concat(journal, changes.stream().map(Pages::line))
        .sorted(Comparator.comparing(Line::on).thenComparing(Line::id).reversed())
        .toList();
  }

  /** Numbered below all lines of the journal, so that no two lines share a number. */
  private static Line line(Journal.Change change) {
    return new Line(
        -change.id(),
        Kind.CARD,
        change.on(),
        change.on(),
        Part.of(say("{}", change.words())),
        "",
        Standing.HOLDS,
        null,
        null,
        Map.of(),
        null,
        false);
  }

  private static Standing standing(@org.jspecify.annotations.Nullable JournalEntry successor) {
    if (successor == null) {
      return Standing.HOLDS;
    }
    return successor.content() instanceof JournalEntry.Withdrawn
        ? Standing.TAKEN_BACK
        : Standing.CORRECTED;
  }

  private static Line line(
      JournalEntry entry,
      Standing standing,
      Map<Long, String> titles,
      boolean cameIn,
      Figures figures) {
    var kind = Kind.INSPECTION;
    List<Part> words = List.of();
    PottingView potting = null;
    Map<String, LookEntry> looks = Map.of();
    if (entry.content() instanceof JournalEntry.Inspected inspected) {
      words = inspected.inspection().said().map(Part::of).orElse(words);
      looks = LookEntry.of(inspected.inspection());
    } else if (entry.content() instanceof JournalEntry.Potted potted) {
      kind = Kind.POTTING;
      var said = say(cameIn ? "Came in {}" : "Repotted into {}", potted.potting().mix().words());
      words = Part.of(potted.pot().noted() ? said.and(say(", ")).and(potted.pot().said()) : said);
      potting = potting(potted, figures);
    } else if (entry.content() instanceof JournalEntry.Answered answered) {
      kind = Kind.CHECK;
      words = Part.of(say("{} {}", titles.get(answered.checkId()), answered.answer().words()));
    }
    return new Line(
        entry.id(),
        kind,
        entry.on(),
        entry.recordedOn(),
        words,
        entry.note(),
        standing,
        potting == null ? null : potting.pottedOn(),
        entry.supersedes(),
        looks,
        potting,
        potting != null && cameIn);
  }
}
