package almanac.app.journal;

import almanac.app.benches.Bench;
import almanac.core.followup.CheckAnswer;
import almanac.core.followup.Purpose;
import almanac.core.followup.Series;
import almanac.core.history.Arrival;
import almanac.core.history.PlantHistory;
import almanac.core.judgement.Aim;
import almanac.core.judgement.Approach;
import almanac.core.profile.Deviation;
import almanac.core.profile.Profile;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All that is kept of one plant. Immutable; what follows from the journal is worked out once. */
public final class PlantRecord {
  private static final Optional<BookedCheck> NO_CHECK = Optional.empty();

  private final long id;
  private final int version;
  private final Facts facts;
  private final Profile kind;
  private final Deviation own;
  private final Bench bench;
  private final Aim aim;
  private final @Nullable Approach approach;
  private final Optional<Arrival> arrival;
  private final LocalDate addedOn;
  private final List<JournalEntry> entries;
  private final List<BookedCheck> checks;
  private final List<JournalEntry> inForce;
  private final PlantHistory history;

  /**
   * @param version counts the changes to what stands outside the journal
   * @param kind the kind of plant it is
   * @param own in what it differs from its kind
   * @param aim what the collector wants of it
   * @param approach by which it is judged; null where that of its bench or the collection holds
   * @param arrival how it came; nothing if nobody knows
   * @param entries every line of its journal, also the superseded ones, in the order of writing
   * @param checks every check that was ever booked, in the order of booking
   */
  PlantRecord(
      long id,
      int version,
      Facts facts,
      Profile kind,
      Deviation own,
      Bench bench,
      Aim aim,
      @Nullable Approach approach,
      Optional<Arrival> arrival,
      LocalDate addedOn,
      List<JournalEntry> entries,
      List<BookedCheck> checks) {
    this.id = id;
    this.version = version;
    this.facts = facts;
    this.kind = kind;
    this.own = own;
    this.bench = bench;
    this.aim = aim;
    this.approach = approach;
    this.arrival = arrival;
    this.addedOn = addedOn;
    this.entries = List.copyOf(entries);
    this.checks = List.copyOf(checks);
    this.inForce = holding(this.entries);
    this.history =
        PlantHistory.of(
            inForce.stream().map(JournalEntry::event).flatMap(Optional::stream).toList());
  }

  /** The same plant with one line more in its journal. */
  PlantRecord and(JournalEntry line) {
    return with(appended(entries, line), checks);
  }

  /** The same plant with one check more in the diary. */
  PlantRecord and(BookedCheck check) {
    return with(entries, appended(checks, check));
  }

  private static <T> List<T> appended(List<T> list, T one) {
    return Stream.concat(list.stream(), Stream.of(one)).toList();
  }

  private PlantRecord with(List<JournalEntry> lines, List<BookedCheck> booked) {
    return new PlantRecord(
        id, version, facts, kind, own, bench, aim, approach, arrival, addedOn, lines, booked);
  }

  public long id() {
    return id;
  }

  public int version() {
    return version;
  }

  /** What stands on its card. */
  public Facts facts() {
    return facts;
  }

  public Profile kind() {
    return kind;
  }

  public Deviation own() {
    return own;
  }

  public Bench bench() {
    return bench;
  }

  public Aim aim() {
    return aim;
  }

  public @Nullable Approach approach() {
    return approach;
  }

  public Optional<Arrival> arrival() {
    return arrival;
  }

  public LocalDate addedOn() {
    return addedOn;
  }

  public List<JournalEntry> entries() {
    return entries;
  }

  public List<BookedCheck> checks() {
    return checks;
  }

  /** Its kind as this plant follows it. */
  public Profile profile() {
    return own.of(kind);
  }

  /** The lines that hold: neither corrected nor struck out. */
  public List<JournalEntry> inForce() {
    return inForce;
  }

  private static List<JournalEntry> holding(List<JournalEntry> entries) {
    var superseded = superseded(entries);
    return entries.stream()
        .filter(entry -> !superseded.containsKey(entry.id()))
        .filter(entry -> !(entry.content() instanceof JournalEntry.Withdrawn))
        .toList();
  }

  /**
   * By the id of each superseded line, the line that corrects it or strikes it out. A line that was
   * itself superseded supersedes nothing any more: what it stood against holds again.
   */
  public Map<Long, JournalEntry> superseded() {
    return superseded(entries);
  }

  private static Map<Long, JournalEntry> superseded(List<JournalEntry> entries) {
    var superseded = new HashMap<Long, JournalEntry>();
    for (int i = entries.size() - 1; i >= 0; i--) {
      var entry = entries.get(i);
      if (entry.supersedes() != null && !superseded.containsKey(entry.id())) {
        superseded.put(entry.supersedes(), entry);
      }
    }
    return superseded;
  }

  /** Whether a line, or the one that it corrects, tells what the plant stood in when it came. */
  public boolean cameIn(JournalEntry line) {
    var root = line;
    while (root.supersedes() != null) {
      long corrected = root.supersedes();
      root = entries.stream().filter(entry -> entry.id() == corrected).findFirst().orElseThrow();
    }
    return root.id() == entries.get(0).id();
  }

  /** The history the rules judge by. */
  public PlantHistory history() {
    return history;
  }

  /** The line that tells of the present potting. */
  public JournalEntry currentPotting() {
    var potting = history().potting();
    return inForce().stream()
        .filter(
            entry ->
                entry.content() instanceof JournalEntry.Potted potted
                    && potted.potting() == potting)
        .findFirst()
        .orElseThrow();
  }

  /**
   * Whether it is still to be said if it is repotted or held: it is kept apart, and neither was
   * decided.
   */
  public boolean undecidedNewcomer() {
    return facts.apartSince() != null && facts.heldSince() == null && cameIn(currentPotting());
  }

  /** The checks that are still to be made, the next one first. */
  public List<BookedCheck> openChecks() {
    if (!facts.status().here()) {
      return List.of();
    }
    return Stream.of(
            openAftercare(),
            planned(Series.AS_JUDGED),
            facts.apartSince() == null ? NO_CHECK : planned(Series.KEPT_APART),
            facts.heldSince() == null ? NO_CHECK : planned(Series.HELD))
        .flatMap(Optional::stream)
        .sorted(Comparator.comparing(booked -> booked.check().window().best()))
        .toList();
  }

  /** How a check after a move was answered. */
  record AnsweredCheck(Purpose purpose, CheckAnswer answer) {}

  /** The newest answer, from a day on, to a check after a move. */
  Optional<AnsweredCheck> lastAnsweredSince(LocalDate day) {
    var purposes =
        checks.stream().collect(Collectors.toMap(BookedCheck::id, each -> each.check().purpose()));
    return inForce.stream()
        .filter(line -> !line.on().isBefore(day))
        .map(JournalEntry::content)
        .filter(JournalEntry.Answered.class::isInstance)
        .map(JournalEntry.Answered.class::cast)
        .filter(answer -> purposes.get(answer.checkId()).series() == Series.AFTERCARE)
        .map(answer -> new AnsweredCheck(purposes.get(answer.checkId()), answer.answer()))
        .reduce((earlier, later) -> later);
  }

  /** The next check after the last move. */
  public Optional<BookedCheck> openAftercare() {
    var since = sinceMove();
    return last(
        unanswered().stream()
            .filter(booked -> booked.check().purpose().series() == Series.AFTERCARE)
            .filter(booked -> since.contains(booked.entryId()))
            .toList());
  }

  /** Of the series that every new line of the journal plans anew. */
  private Optional<BookedCheck> planned(Series series) {
    long newest = newestLine();
    return last(
        unanswered().stream()
            .filter(booked -> booked.check().purpose().series() == series)
            .filter(booked -> booked.entryId() == newest)
            .toList());
  }

  /** The id of the newest line that holds. */
  long newestLine() {
    return inForce.get(inForce.size() - 1).id();
  }

  private List<BookedCheck> unanswered() {
    var answered =
        inForce().stream()
            .map(JournalEntry::content)
            .filter(JournalEntry.Answered.class::isInstance)
            .map(content -> ((JournalEntry.Answered) content).checkId())
            .collect(Collectors.toSet());
    return checks.stream().filter(booked -> !answered.contains(booked.id())).toList();
  }

  private Set<Long> sinceMove() {
    var move = currentPotting();
    return inForce().stream()
        .filter(
            entry ->
                entry.id() == move.id()
                    || (!entry.order().isBefore(move.order()) && entry.id() > move.id()))
        .map(JournalEntry::id)
        .collect(Collectors.toSet());
  }

  private static Optional<BookedCheck> last(List<BookedCheck> booked) {
    return booked.isEmpty() ? Optional.empty() : Optional.of(booked.get(booked.size() - 1));
  }
}
