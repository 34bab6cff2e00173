package almanac.core.rhizome;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.rhizome.Growth.Seen;
import almanac.core.roots.RootLook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Tells the growths of a plant apart by what was seen: where a lead that was half grown or older is
 * seen as an eye or starting, a new growth has begun in front of the former one.
 */
public final class Growths {
  private Growths() {}

  /**
   * Every growth that was looked at.
   *
   * @param inspections of the whole life of the plant, oldest first
   * @return by lead, the oldest first
   */
  public static List<Growth> of(List<Inspection> inspections) {
    boolean single = inspections.stream().noneMatch(inspection -> further(inspection).isPresent());
    return Arrays.stream(Lead.values())
        .flatMap(lead -> ofLead(lead, inspections, single).stream())
        .sorted(Comparator.comparing(Growth::lead).thenComparing(Growth::since))
        .toList();
  }

  private static Optional<Lead> further(Inspection inspection) {
    return inspection.findings().keySet().stream()
        .map(spot -> spot.lead())
        .filter(lead -> lead != Lead.FIRST)
        .findFirst();
  }

  private static List<Growth> ofLead(Lead lead, List<Inspection> inspections, boolean single) {
    var growths = new ArrayList<Growth>();
    Draft draft = null;
    for (var inspection : inspections) {
      if (!Draft.speaksOf(lead, inspection)) {
        continue;
      }
      if (draft == null) {
        draft = new Draft(lead, inspection.on());
      } else if (draft.endsWith(inspection)) {
        inspection
            .look(Items.FORMER_SIZE, lead)
            .measured()
            .ifPresent(draft.formerSizeOn(inspection.on()));
        growths.add(draft.done(Optional.of(inspection.on())));
        draft = new Draft(lead, inspection.on());
      }
      draft.take(inspection, single);
    }
    if (draft != null) {
      growths.add(draft.done(Optional.empty()));
    }
    return growths;
  }

  /** One growth while its looks are gathered. */
  private static final class Draft {
    private final Lead lead;
    private final LocalDate since;
    private final List<Seen<GrowthStage>> stages = new ArrayList<>();
    private final List<Seen<Double>> sizes = new ArrayList<>();
    private final List<RootLook> roots = new ArrayList<>();
    private final List<Seen<Bloom>> flowers = new ArrayList<>();

    private Draft(Lead lead, LocalDate since) {
      this.lead = lead;
      this.since = since;
    }

    static boolean speaksOf(Lead lead, Inspection inspection) {
      return inspection.look(Items.GROWTH, lead).seen().isPresent()
          || inspection.look(Items.NEWEST_SIZE, lead).seen().isPresent()
          || inspection.look(Items.NEW_ROOTS, lead).seen().isPresent();
    }

    /** Whether the inspection tells of a growth in front of this one. */
    boolean endsWith(Inspection inspection) {
      boolean young =
          inspection.look(Items.GROWTH, lead).answer().filter(GrowthStage::beginning).isPresent();
      return young && stages.stream().anyMatch(seen -> grown(seen.what()));
    }

    java.util.function.DoubleConsumer formerSizeOn(LocalDate day) {
      return mm -> sizes.add(new Seen<>(day, mm));
    }

    void take(Inspection inspection, boolean single) {
      var day = inspection.on();
      inspection
          .look(Items.GROWTH, lead)
          .answer()
          .ifPresent(stage -> stages.add(new Seen<>(day, stage)));
      inspection
          .look(Items.NEWEST_SIZE, lead)
          .measured()
          .ifPresent(mm -> sizes.add(new Seen<>(day, mm)));
      var look = inspection.look(Items.NEW_ROOTS, lead);
      look.answer().ifPresent(stage -> roots.add(new RootLook(day, stage, look.measured())));
      if (single) {
        inspection
            .look(Items.BLOOM)
            .answer()
            .ifPresent(bloom -> flowers.add(new Seen<>(day, bloom)));
      }
    }

    Growth done(Optional<LocalDate> until) {
      return new Growth(
          lead,
          since,
          until,
          List.copyOf(stages),
          List.copyOf(sizes),
          List.copyOf(roots),
          List.copyOf(flowers));
    }

    private static boolean grown(GrowthStage stage) {
      return stage == GrowthStage.HALF_GROWN
          || stage == GrowthStage.NEARLY_MATURE
          || stage == GrowthStage.MATURE
          || stage == GrowthStage.RESTING;
    }
  }
}
