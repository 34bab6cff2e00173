package almanac.core.history;

import almanac.core.checks.Purpose;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.LookSpot;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The lines of a journal that still say something of today: what stands on the card, the present
 * potting and all that was seen since, the newest look at each thing, and whatever these correct. A
 * plant told by them alone is judged as by its whole journal; what lies further back is history.
 */
public final class Speaking {
  private final Plant plant;
  private final List<Line> holding;
  private final Set<Line> sincePotted;
  private final Set<Long> acts = new HashSet<>();

  private Speaking(Plant plant) {
    this.plant = plant;
    this.holding = plant.journal().holding();
    this.sincePotted =
        new HashSet<>(holding.subList(holding.indexOf(plant.potted()), holding.size()));
  }

  /** The lines in the order of writing; all of them where no less tells the same. */
  public static List<Line> of(Plant plant) {
    var journal = plant.journal();
    if (!journal.begun()) {
      return journal.lines();
    }
    var lines = new Speaking(plant).lines();
    var told = Plant.of(plant.id(), plant.uid(), Journal.of(lines));
    boolean same =
        told.card().equals(plant.card()) && told.history().saysTheSameAs(plant.history());
    return same ? lines : journal.lines();
  }

  private List<Line> lines() {
    arrival();
    card();
    looks();
    holding.stream().filter(this::speaks).forEach(this::keep);
    whatTheyCorrect();
    return plant.journal().lines().stream().filter(line -> acts.contains(line.act().id())).toList();
  }

  private void keep(Line line) {
    acts.add(line.act().id());
  }

  private void arrival() {
    keep(plant.journal().lines().get(0));
  }

  /** The newest of each kind of happening. */
  private void card() {
    var newest = new LinkedHashMap<Class<?>, Line>();
    holding.forEach(line -> newest.put(line.happening().getClass(), line));
    newest.values().forEach(this::keep);
  }

  /** Whether it does so for longer than until the next of its kind; looks are asked together. */
  private boolean speaks(Line line) {
    return switch (line.happening().speaks()) {
      case UNTIL_THE_NEXT, AS_LOOKS -> false;
      case ALWAYS -> true;
      case SINCE_POTTED -> sincePotted.contains(line) || ofAnEye(line.happening());
      case WHILE_ASKED ->
          line.happening() instanceof Happening.Asked asked
              && plant.card().inHand().tasks().contains(asked.task());
      case WHILE_BOOKED ->
          line.happening() instanceof Happening.Booked booked
              && plant.card().inHand().bookings().contains(booked.booking());
      case WHILE_TREATED ->
          line.happening() instanceof Happening.Treated treated
              && plant.card().inHand().treatment() != null
              && treated.course().equals(plant.card().inHand().treatment().course().uid());
      case WHILE_ON_TRIAL -> onTrial(line.happening());
    };
  }

  /** A place that is tried is left by what stood on the card before as well. */
  private boolean onTrial(Happening happening) {
    var trials = plant.card().inHand().trials();
    return happening instanceof Happening.TrialBegun begun
        ? trials.contains(begun.its())
        : trials.stream().anyMatch(each -> each.trial().tried() == Tried.PLACE);
  }

  /** An eye swells for longer than a plant stands in one pot. */
  private static boolean ofAnEye(Happening happening) {
    return happening instanceof Happening.Checked checked
        && checked.check().purpose() == Purpose.EYE;
  }

  private void looks() {
    keep(plant.potted());
    var inspected = new IdentityHashMap<Inspection, Line>();
    for (var line : holding) {
      if (line.happening() instanceof Happening.Inspected seen) {
        inspected.put(seen.inspection(), line);
      }
    }
    var since = Collections.newSetFromMap(new IdentityHashMap<Inspection, Boolean>());
    since.addAll(plant.history().inspections());
    var settled = new HashSet<LookSpot>();
    var life = plant.history().life();
    for (int i = life.size() - 1; i >= 0; i--) {
      var inspection = life.get(i);
      boolean newest = settled.addAll(inspection.findings().keySet());
      if (newest || since.contains(inspection) || whileWatched(inspection)) {
        keep(inspected.get(inspection));
      }
    }
  }

  private boolean whileWatched(Inspection inspection) {
    var card = plant.card();
    return since(inspection, card.inHand().apartSince())
        || since(inspection, card.inHand().heldSince())
        || since(
            inspection,
            card.inHand().treatment() == null ? null : card.inHand().treatment().since())
        || since(inspection, card.inHand().beside() == null ? null : card.inHand().beside().since())
        || card.inHand().trials().stream()
            .anyMatch(each -> since(inspection, each.trial().since()));
  }

  private static boolean since(Inspection inspection, @Nullable LocalDate day) {
    return day != null && !inspection.on().isBefore(day);
  }

  private void whatTheyCorrect() {
    var journal = plant.journal();
    for (var line : journal.lines()) {
      if (acts.contains(line.act().id())) {
        var corrected = journal.superseded(line.act());
        while (corrected.isPresent()) {
          acts.add(corrected.get().id());
          corrected = journal.superseded(corrected.get());
        }
      }
    }
  }
}
