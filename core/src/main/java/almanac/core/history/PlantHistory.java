package almanac.core.history;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Look;
import almanac.core.inspection.LookSpot;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * What has happened to one plant, oldest first; on the same day, in the order in which it was
 * written down.
 */
public final class PlantHistory {
  private static final int LEADS = Lead.values().length;
  private static final long OF_THE_POT =
      Items.inLookingOrder().stream()
          .filter(Item::ofThisPot)
          .mapToLong(Item::bit)
          .reduce(0, (a, b) -> a | b);
  private static final int SPOTS = Items.inLookingOrder().size() * LEADS;

  private final Potting potting;
  private final List<Inspection> all;
  private final List<Inspection> inThisPot;
  private final Look.Seen<?>[] newest;
  private final List<FixedAfter> fixes;

  private PlantHistory(
      Potting potting,
      List<Inspection> all,
      List<Inspection> inThisPot,
      Look.Seen<?>[] newest,
      List<FixedAfter> fixes) {
    this.potting = potting;
    this.all = all;
    this.inThisPot = inThisPot;
    this.newest = newest;
    this.fixes = fixes;
  }

  /**
   * A small job that was done.
   *
   * @param inspections how many of its life were made before
   */
  private record FixedAfter(int inspections, Happening.Fixed fixed) {
    boolean cures(Item<?> item) {
      return fixed.fix().cured().contains(item);
    }
  }

  /**
   * @param events in the order in which they were written down, with at least one potting
   * @throws IllegalArgumentException if the plant was never potted
   */
  public static PlantHistory of(List<Event> events) {
    var ordered = new ArrayList<>(events);
    ordered.sort(Comparator.comparing(Event::on));
    Potting potting = null;
    var all = new ArrayList<Inspection>();
    var looks = new ArrayList<Inspection>();
    var fixes = new ArrayList<FixedAfter>();
    for (var event : ordered) {
      if (event instanceof Happening.Potted potted) {
        potting = potted.potting();
        looks.clear();
      } else if (event instanceof Happening.Inspected inspected) {
        all.add(inspected.inspection());
        looks.add(inspected.inspection());
      } else if (event instanceof Happening.Fixed fixed) {
        fixes.add(new FixedAfter(all.size(), fixed));
      }
    }
    if (potting == null) {
      throw new IllegalArgumentException("A plant's history needs a potting");
    }
    int sinceMove = all.size() - looks.size();
    return new PlantHistory(
        potting,
        List.copyOf(all),
        List.copyOf(looks),
        newest(all, sinceMove, fixes),
        List.copyOf(fixes));
  }

  /**
   * The newest look at each spot.
   *
   * @param sinceMove from which inspection on the plant stands in its present pot
   */
  private static Look.Seen<?>[] newest(
      List<Inspection> all, int sinceMove, List<FixedAfter> fixes) {
    var newest = new Look.Seen<?>[SPOTS];
    long wanted = ~0L;
    for (int i = all.size() - 1; i >= 0; i--) {
      for (var fix : fixes) {
        if (fix.inspections() == i + 1) {
          for (var item : fix.fixed().fix().cured()) {
            wanted &= ~item.bit();
          }
        }
      }
      if (i == sinceMove - 1) {
        wanted &= ~OF_THE_POT;
      }
      var inspection = all.get(i);
      if ((inspection.items() & wanted) != 0) {
        wanted &= ~take(inspection, wanted, newest);
      }
    }
    return newest;
  }

  /**
   * Takes over what is wanted and not yet known.
   *
   * @return the bits of the items that need not be looked for any more
   */
  private static long take(Inspection inspection, long wanted, Look.Seen<?>[] newest) {
    long settled = 0;
    for (var finding : inspection.findings().entrySet()) {
      var spot = finding.getKey();
      int place = place(spot.item(), spot.lead());
      if (newest[place] == null && (spot.item().bit() & wanted) != 0) {
        newest[place] = new Look.Seen<>(inspection.on(), finding.getValue());
      }
      if (!spot.item().ofALead()) {
        settled |= spot.item().bit();
      }
    }
    return settled;
  }

  /** What the plant stands in now. */
  public Potting potting() {
    return potting;
  }

  /** Every inspection of its life, oldest first. */
  public List<Inspection> life() {
    return all;
  }

  /** The inspections since it was last potted, oldest first. */
  public List<Inspection> inspections() {
    return inThisPot;
  }

  /**
   * Whether the same follows from both: potting, what was seen since, newest look at each thing.
   */
  public boolean saysTheSameAs(PlantHistory other) {
    return fixed().equals(other.fixed())
        && potting.equals(other.potting)
        && inThisPot.equals(other.inThisPot)
        && Arrays.equals(newest, other.newest);
  }

  /**
   * This history with one inspection more, made last; for asking what would follow from it.
   *
   * @param inspection not older than the latest
   */
  public PlantHistory and(Inspection inspection) {
    var known = newest.clone();
    note(inspection, known);
    return new PlantHistory(
        potting, with(all, inspection), with(inThisPot, inspection), known, fixes);
  }

  /**
   * This history as it was known on a day on which the plant stood in its present potting.
   *
   * @param day not before the potting
   */
  public PlantHistory asOf(LocalDate day) {
    var then = all.stream().filter(inspection -> !inspection.on().isAfter(day)).toList();
    var looks = inThisPot.stream().filter(inspection -> !inspection.on().isAfter(day)).toList();
    var fixed =
        fixes.stream()
            .filter(fix -> !fix.fixed().on().isAfter(day) && fix.inspections() <= then.size())
            .toList();
    return new PlantHistory(
        potting, then, looks, newest(then, then.size() - looks.size(), fixed), fixed);
  }

  /** This history as if the plant stood in another potting since the same time. */
  public PlantHistory in(Potting other) {
    return new PlantHistory(other, all, inThisPot, newest, fixes);
  }

  /** This history as if nobody had ever looked at that spot. */
  public PlantHistory without(LookSpot spot) {
    var known = newest.clone();
    known[place(spot.item(), spot.lead())] = null;
    var fixed =
        fixes.stream()
            .map(
                fix ->
                    new FixedAfter(
                        without(all.subList(0, fix.inspections()), spot).size(), fix.fixed()))
            .toList();
    return new PlantHistory(potting, without(all, spot), without(inThisPot, spot), known, fixed);
  }

  private static List<Inspection> without(List<Inspection> inspections, LookSpot spot) {
    return inspections.stream()
        .map(inspection -> inspection.without(spot))
        .filter(inspection -> !inspection.empty())
        .toList();
  }

  /** The latest look at an item, not later than the day, on the first lead. */
  public <A extends Enum<A> & Answer> Look<A> latest(Item<A> item, LocalDate day) {
    return latest(item, Lead.FIRST, day);
  }

  /**
   * The latest look at an item on one lead, not later than the day. What was seen in the pot before
   * the last move says nothing any more; what was seen of the plant above it does.
   */
  @SuppressWarnings("unchecked") // a place belongs to one item, and so to one kind of answer
  public <A extends Enum<A> & Answer> Look<A> latest(Item<A> item, Lead lead, LocalDate day) {
    var seen = (Look.Seen<A>) newest[place(item, lead)];
    if (seen == null) {
      return fixes.isEmpty() ? Look.notLookedAt() : before(item, lead, day);
    }
    return seen.on().isAfter(day) ? before(item, lead, day) : seen;
  }

  /** The small jobs that were done, oldest first. */
  public List<Happening.Fixed> fixed() {
    return fixes.stream().map(FixedAfter::fixed).toList();
  }

  /** Whether a small job was done, up to that day, since what it is for was last seen. */
  public boolean done(Fix job, LocalDate day) {
    var did =
        fixes.stream()
            .filter(each -> each.fixed().fix() == job && !each.fixed().on().isAfter(day))
            .reduce((former, latter) -> latter);
    return did.isPresent()
        && all.subList(did.get().inspections(), all.size()).stream()
            .filter(later -> !later.on().isAfter(day))
            .noneMatch(
                later ->
                    Stream.concat(Stream.of(job.of()), job.cured().stream())
                        .anyMatch(item -> (later.items() & item.bit()) != 0));
  }

  /** Whether it was in bud or flower when it was last looked at, up to that day. */
  public boolean inFlower(LocalDate day) {
    return latest(Items.BLOOM, day).answer().filter(Bloom::inFlower).isPresent();
  }

  private <A extends Enum<A> & Answer> Look<A> before(Item<A> item, Lead lead, LocalDate day) {
    int first = item.ofThisPot() ? all.size() - inThisPot.size() : 0;
    for (var fix : fixes) {
      if (fix.cures(item) && !fix.fixed().on().isAfter(day)) {
        first = Math.max(first, fix.inspections());
      }
    }
    for (int i = all.size() - 1; i >= first; i--) {
      var look = all.get(i).look(item, lead);
      if (look instanceof Look.Seen<A> seen && !seen.on().isAfter(day)) {
        return seen;
      }
    }
    return Look.notLookedAt();
  }

  private static void note(Inspection inspection, Look.Seen<?>[] newest) {
    inspection
        .findings()
        .forEach(
            (spot, finding) ->
                newest[place(spot.item(), spot.lead())] =
                    new Look.Seen<>(inspection.on(), finding));
  }

  private static int place(Item<?> item, Lead lead) {
    return item.place() * LEADS + lead.ordinal();
  }

  private static List<Inspection> with(List<Inspection> inspections, Inspection one) {
    var more = new ArrayList<>(inspections);
    more.add(one);
    return List.copyOf(more);
  }
}
