package almanac.app.start.demo;

import almanac.app.errands.bench.JobTold;
import almanac.app.errands.plants.Adding;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Series;
import almanac.core.checks.diary.OpenCheck;
import almanac.core.figures.Figures;
import almanac.core.history.Arrival;
import almanac.core.history.Card;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** One plant of the demo, its history told in days before a day, today if no other is named. */
final class DemoPlant {
  /** Quiet plants were last looked at about so many days ago. */
  private static final int LAST_LOOKS = 8;

  private static final int SIX_WEEKS = 42;

  /** After so many days no look of the rules is fresh. */
  private static final int STALE = 130;

  private static final int MONTHS_HERE = 36;

  /** So long what is seen after a move belongs to it. */
  private static final int OF_A_MOVE = 200;

  private static final double STEP_MM = 20;

  /** A piece of three growths goes into this. */
  private static final Pot PIECE_POT = new Pot(PotType.CLEAR, 120.0, 108.0, "");

  private final DemoBooks books;
  private final LocalDate today;
  private LocalDate toldOn;
  private @Nullable DemoYears years;
  private long id;

  long id() {
    return id;
  }

  DemoPlant(DemoBooks books) {
    this.books = books;
    this.today = books.today().get();
    this.toldOn = today;
  }

  /** From here on, days are counted back from that one. */
  DemoPlant told(LocalDate on) {
    toldOn = on;
    return this;
  }

  /** Its quiet years go on from a day until about today. */
  DemoPlant livesOn(LocalDate from) {
    books
        .keeping()
        .bringIn(
            Objects.requireNonNull(years).looks(from, today.minusDays(LAST_LOOKS)).stream()
                .map(this::seen)
                .toList(),
            today);
    return this;
  }

  /** Looked at within the last six weeks, as every plant of a keeper is. */
  DemoPlant seenLately() {
    var life = books.plants().one(id).history().life();
    boolean lately =
        !life.isEmpty() && life.get(life.size() - 1).on().isAfter(today.minusDays(SIX_WEEKS));
    if (!lately) {
      var on = today.minusDays(LAST_LOOKS + id % (SIX_WEEKS - LAST_LOOKS));
      books.keeping().bringIn(List.of(seen(Objects.requireNonNull(years).look(on))), today);
    }
    return this;
  }

  /** Whether it was here before this season. */
  boolean hasYears() {
    return years != null;
  }

  /** The plants that were parted from it. */
  List<DemoPlant> daughters() {
    return books.plants().all().stream()
        .filter(plant -> Objects.equals(plant.card().mother(), id))
        .map(plant -> new DemoPlant(books).being(plant))
        .toList();
  }

  private DemoPlant being(PlantInPlace plant) {
    id = plant.id();
    years = new DemoYears(plant.name() + id, plant.kind());
    return this;
  }

  /** Whatever was to be checked after its last move was as hoped, each on its best day. */
  DemoPlant lookedAfter() {
    for (var open = aftercare(today); open.isPresent(); open = aftercare(today)) {
      var best = open.get().check().window().best();
      if (!best.isBefore(today.minusDays(LAST_LOOKS))) {
        return this;
      }
      books.answering().answer(id, open.get().name(), CheckAnswer.AS_HOPED, "", best);
    }
    return this;
  }

  private Optional<OpenCheck> aftercare(LocalDate day) {
    return books.judging().checks(books.plants().one(id), day).stream()
        .filter(each -> each.check().purpose().series() == Series.AFTERCARE)
        .findFirst();
  }

  DemoPlant arrived(String label, String key, long place, Mix mix, LocalDate here) {
    var kind = StandardKinds.named(key).orElseThrow();
    var potting = new Potting(PottedOn.unknown(), here, mix, kind.of(Trait.MOISTURE));
    return add(label, kind, place, potting, Pot.NOT_NOTED, Optional.empty());
  }

  /** One of the shelf: newly come, or with its years until now or until its last months. */
  DemoPlant of(DemoShelf.Row row, long place) {
    return switch (row.past()) {
      case NEWCOMER ->
          arrived(row.label(), row.kind(), place, row.mix(), today.minusMonths(row.months()));
      case TOLD -> lived(row, place, DemoTold.spring(today).minusDays(STALE));
      case QUIET -> lived(row, place, today.minusDays(LAST_LOOKS));
    };
  }

  /** Came, was looked at through the seasons, potted in a wider pot, and looked at again. */
  private DemoPlant lived(DemoShelf.Row row, long place, LocalDate until) {
    var kind = StandardKinds.named(row.kind()).orElseThrow();
    this.years = new DemoYears(row.label(), kind);
    var spring = DemoTold.spring(today);
    var moved = DemoYears.potted(spring.minusMonths(row.months()), row.lit(), spring);
    var came = spring.minusMonths(MONTHS_HERE);
    boolean movedHere = moved.isAfter(came.plusMonths(2));
    var first = movedHere ? came : moved;
    add(
        row.label(),
        kind,
        place,
        new Potting(PottedOn.in(YearMonth.from(first)), came, row.mix(), kind.of(Trait.MOISTURE)),
        movedHere ? narrower(row.pot()) : row.pot(),
        Optional.of(new Arrival(came, false)));
    var told = DemoPast.ofAPlant(row.label(), kind, moved);
    var past = new ArrayList<NewAct>();
    var moisture = kind.of(Trait.MOISTURE);
    if (movedHere) {
      years.looks(came, moved).forEach(look -> past.add(seen(look)));
      var potting = new Potting(PottedOn.on(moved), moved, row.mix(), moisture);
      past.add(
          NewAct.of(moved, id, told.worked(), new Happening.Potted(potting, row.pot(), false)));
    }
    years.looks(movedHere ? moved : came, until).forEach(look -> past.add(seen(look)));
    if (movedHere && moved.plusDays(OF_A_MOVE).isBefore(until)) {
      past.add(seen(told.before(row.mix(), kind, came, false)));
      told.after().forEach(look -> past.add(seen(look)));
    }
    past.sort(Comparator.comparing(NewAct::on));
    books.keeping().bringIn(past, today);
    return this;
  }

  /** One that was here for some years, and is gone. */
  DemoPlant gone(DemoGone.Row row, long place) {
    var kind = StandardKinds.named(row.kind()).orElseThrow();
    var moisture = kind.of(Trait.MOISTURE);
    var since = row.came();
    add(
        row.label(),
        kind,
        place,
        new Potting(PottedOn.on(since), since, row.mix(), moisture),
        Pot.NOT_NOTED,
        Optional.of(new Arrival(since, false)));
    var past = new ArrayList<NewAct>();
    for (var move : row.moves()) {
      boolean inFlower = move.roots() == RootStage.NONE;
      past.add(seen(move.before(row.mix(), kind, since, inFlower)));
      since = move.on();
      var potting = new Potting(PottedOn.on(since), since, row.mix(), moisture);
      past.add(
          NewAct.of(
              since, id, move.worked(), new Happening.Potted(potting, Pot.NOT_NOTED, inFlower)));
      move.alone().forEach(look -> past.add(seen(look)));
    }
    past.add(NewAct.of(row.went(), id, new Happening.Became(row.fate())));
    books.keeping().bringIn(past, today);
    return this;
  }

  private static Pot narrower(Pot pot) {
    var mm = pot.diameterMm();
    var depth = pot.depthMm();
    return mm == null || depth == null
        ? pot
        : new Pot(pot.type(), mm - STEP_MM, depth - STEP_MM, "");
  }

  private NewAct seen(Inspection look) {
    return NewAct.of(look.on(), id, new Happening.Inspected(look));
  }

  /** Changes what stands on its card. */
  DemoPlant happened(Happening... happenings) {
    books.keeping().write(NewAct.of(today, id, happenings), today);
    return this;
  }

  /** What it stands in. */
  Mix mix() {
    return books.plants().one(id).history().potting().mix();
  }

  /** What stands on its card. */
  Card card() {
    return books.plants().one(id).card();
  }

  private DemoPlant add(
      String label, Kind kind, long place, Potting potting, Pot pot, Optional<Arrival> arrival) {
    var on = arrival.map(Arrival::on).orElse(potting.knownSince());
    var plant =
        new Adding.NewPlant(
            label, kind, place, null, potting, pot, arrival, "", "", false, false, null);
    id = books.adding().add(plant, on).plant().id();
    return this;
  }

  DemoPlant look(int daysAgo, UnaryOperator<Looking> looks) {
    var day = toldOn.minusDays(daysAgo);
    var looking = looks.apply(new Looking(Inspection.on(day)));
    books.inspecting().inspect(id, looking.inspection, "", null, day);
    return this;
  }

  /** A picture taken at the look of that day. */
  DemoPlant picture(int daysAgo, double rootMm, int flowers) {
    var day = toldOn.minusDays(daysAgo);
    var look =
        books.plants().whole(id).journal().holding().stream()
            .filter(line -> line.happening() instanceof Happening.Inspected)
            .map(Line::act)
            .filter(act -> act.on().equals(day))
            .findFirst()
            .orElseThrow();
    var caption = "The rim is %.0f mm across.".formatted(DemoPicture.RIM_MM);
    books.photos().keep(id, DemoPicture.draw(id, rootMm, flowers), caption, look.uid(), day, today);
    return this;
  }

  /** A picture taken at the bench that day. */
  DemoPlant pictured(int daysAgo, String caption, double rootMm) {
    var day = toldOn.minusDays(daysAgo);
    books.photos().keep(id, DemoPicture.draw(id, rootMm, 0), caption, null, day, today);
    return this;
  }

  /** Worked on at the bench, and potted in that. */
  DemoPlant worked(int daysAgo, Mix mix, Happening.Worked work) {
    var day = toldOn.minusDays(daysAgo);
    var plant = books.plants().one(id);
    var potting = new Potting(PottedOn.on(day), day, mix, plant.follows().of(Trait.MOISTURE));
    var pot = ((Happening.Potted) plant.plant().potted().happening()).pot();
    var potted = new Happening.Potted(potting, pot, plant.history().inFlower(day));
    books.keeping().write(NewAct.of(day, id, work, potted), day);
    return this;
  }

  /**
   * Parted at the bench into itself and daughters, each with one side of it.
   *
   * @param mother what stays the plant itself
   * @param daughters what each of the others became
   */
  DemoPlant parted(
      int daysAgo, Mix mix, Happening.Worked work, RhizomeMap mother, List<RhizomeMap> daughters) {
    var day = toldOn.minusDays(daysAgo);
    var plant = books.plants().one(id);
    var potting = new Potting(PottedOn.on(day), day, mix, plant.follows().of(Trait.MOISTURE));
    var potted = new Happening.Potted(potting, PIECE_POT, false);
    var stand = plant.card().stand();
    books
        .keeping()
        .part(
            day,
            id,
            List.of(work, new Happening.Mapped(mother), potted),
            daughters.stream()
                .map(
                    map ->
                        (Function<String, List<Happening>>)
                            number ->
                                List.of(
                                    new Happening.PartedFrom(id),
                                    potted,
                                    new Happening.Numbered(number),
                                    new Happening.Named(plant.card().who().names()),
                                    new Happening.OfKind(
                                        plant.card().who().kind(), plant.card().who().own()),
                                    new Happening.Moved(
                                        new Stand(
                                            stand.place(),
                                            stand.position() + (daughters.indexOf(map) + 1) / 4.0)),
                                    new Happening.Mapped(map)))
                .toList(),
            day);
    return this;
  }

  /** On the bench today, with what was told so far. */
  DemoPlant begun(JobTold told) {
    var job = books.jobs().begin(id, today);
    books.jobs().save(job.uid(), job.version(), told, today);
    return this;
  }

  DemoPlant answer(int daysAgo, CheckAnswer answer) {
    var day = toldOn.minusDays(daysAgo);
    var open = aftercare(day).orElseThrow();
    books.answering().answer(id, open.name(), answer, "", day);
    return this;
  }

  /** What is seen at one inspection. */
  static final class Looking {
    private Inspection inspection;

    private Looking(Inspection inspection) {
      this.inspection = inspection;
    }

    Looking roots(double mm) {
      inspection =
          inspection.with(
              Items.NEW_ROOTS, Items.NEW_ROOTS.found(List.of(), mm, Figures.standard()));
      return this;
    }

    <A extends Enum<A> & Answer> Looking measured(Item<A> item, double value) {
      inspection = inspection.with(item, item.found(List.of(), value, Figures.standard()));
      return this;
    }

    Looking roots(RootStage stage) {
      return saw(Items.NEW_ROOTS, stage);
    }

    Looking bloom(Bloom bloom) {
      return saw(Items.BLOOM, bloom);
    }

    Looking stands(Stability stands) {
      return saw(Items.STABILITY, stands);
    }

    Looking piece(MediumPiece piece) {
      return saw(Items.MEDIUM_PIECE, piece);
    }

    Looking inPot(RootsInPot roots) {
      return saw(Items.ROOTS_IN_POT, roots);
    }

    <A extends Enum<A> & Answer> Looking saw(Item<A> item, A answer) {
      inspection = inspection.with(item, item.saw(answer));
      return this;
    }
  }
}
