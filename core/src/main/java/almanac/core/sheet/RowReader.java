package almanac.core.sheet;

import almanac.core.history.Fate;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Understands one row. */
final class RowReader {

  /** Of which the row cannot say what it is. */
  private static final KindChoice NO_KIND = new KindChoice("", false);

  private final Cells cells;
  private final Sheet.Row row;
  private final KindMatch kinds;
  private final PlaceMatch places;
  private final LocalDate today;
  private final List<Remark> faults = new ArrayList<>();
  private final List<Remark> doubts = new ArrayList<>();

  /** What is not understood as what it stands for goes here, after its heading. */
  private final List<String> notes = new ArrayList<>();

  private boolean bareSize;

  RowReader(Cells cells, Sheet.Row row, KindMatch kinds, PlaceMatch places, LocalDate today) {
    this.cells = cells;
    this.row = row;
    this.kinds = kinds;
    this.places = places;
    this.today = today;
  }

  /**
   * What became of a row.
   *
   * @param told the plant, as far as it could be read
   * @param bareSize whether its pot is measured without a unit
   */
  record Outcome(RowTold told, List<Remark> faults, List<Remark> doubts, boolean bareSize) {
    void fault(int column, String text, String why) {
      faults.add(new Remark(told.row(), column, text, why));
    }

    void doubt(int column, String text, String why) {
      doubts.add(new Remark(told.row(), column, text, why));
    }
  }

  Outcome read() {
    var label = label();
    var kindWords = kinds.words(row);
    var kind = kind(label, kindWords);
    var potted = potted();
    var pot = pot();
    var mix = mix();
    var arrived = arrived();
    var fate = fate();
    var told =
        new RowTold(
            row.number(),
            text(Meaning.NUMBER, Longest.NUMBER),
            label,
            kindWords,
            kind,
            place(),
            new RowTold.PottedIn(potted, mix, pot),
            new RowTold.CameIn(
                arrived,
                text(Meaning.CAME_FROM, Longest.NAME),
                text(Meaning.PRICE, Longest.PRICE),
                text(Meaning.PARENTS, Longest.NAME)),
            notes(),
            fate);
    return new Outcome(told, faults, doubts, bareSize);
  }

  private void fault(Meaning at, String why) {
    int column = cells.column(at).orElse(0);
    faults.add(new Remark(row.number(), column, cells.text(row, column), why));
  }

  private void doubt(Meaning at, String why) {
    int column = cells.column(at).orElse(0);
    doubts.add(new Remark(row.number(), column, cells.text(row, column), why));
  }

  private String text(Meaning meaning) {
    return cells.text(row, meaning);
  }

  private String text(Meaning meaning, int longest) {
    var text = text(meaning);
    if (text.length() > longest) {
      fault(meaning, "this has at most %d characters".formatted(longest));
    }
    return text;
  }

  /** A name without its genus, where that has a column of its own, is given it. */
  private String label() {
    var name = text(Meaning.LABEL);
    var genus = text(Meaning.GENUS);
    var label =
        genus.isEmpty() || Plain.words(name).startsWith(Plain.words(genus))
            ? name
            : (genus + " " + name).strip();
    if (label.isEmpty()) {
      fault(Meaning.LABEL, "there is no name");
    } else if (label.length() > Longest.NAME) {
      fault(Meaning.LABEL, "a name has at most %d characters".formatted(Longest.NAME));
    }
    return label;
  }

  private KindChoice kind(String label, String words) {
    var kind = kinds.choice(words);
    if (kind == null && !label.isEmpty()) {
      var at =
          !text(Meaning.KIND).isEmpty()
              ? Meaning.KIND
              : text(Meaning.GENUS).isEmpty() ? Meaning.LABEL : Meaning.GENUS;
      fault(at, "nobody knows what kind of plant “%s” is; choose it under Kinds".formatted(words));
    }
    return kind == null ? NO_KIND : kind;
  }

  private PlaceChoice place() {
    var place = places.choice(row);
    if (place.name().length() > Longest.SHORT_NAME) {
      fault(
          Meaning.PLACE, "a place's name has at most %d characters".formatted(Longest.SHORT_NAME));
    }
    return place;
  }

  private PottedOn potted() {
    var potted = day(Meaning.POTTED_ON);
    return potted == null ? PottedOn.unknown() : potted;
  }

  private Optional<LocalDate> arrived() {
    if (!(day(Meaning.ARRIVED_ON) instanceof PottedOn.Between between)) {
      return Optional.empty();
    }
    if (!between.earliest().equals(between.latest())) {
      var middle =
          between
              .earliest()
              .plusDays(ChronoUnit.DAYS.between(between.earliest(), between.latest()) / 2);
      var came = middle.isAfter(today) ? today : middle;
      notes.add(heading(Meaning.ARRIVED_ON) + ": " + text(Meaning.ARRIVED_ON));
      doubt(
          Meaning.ARRIVED_ON,
          "no single day; taken for the middle of it, %s, and kept in the notes".formatted(came));
      return Optional.of(came);
    }
    return Optional.of(between.earliest());
  }

  private @Nullable PottedOn day(Meaning meaning) {
    var text = text(meaning);
    var read = WrittenDay.read(text, today);
    boolean dayFirst = cells.decisions().dayFirst();
    var day = read.as(dayFirst);
    if (day.isEmpty()) {
      fault(meaning, "this cannot be read as a day, a month or a year");
      return null;
    }
    PottedOn past;
    try {
      past = PottedOn.entered(day.get().text(), today);
    } catch (Refused refused) {
      fault(meaning, "%s lies in the future, or too far back".formatted(day.get().text()));
      return null;
    }
    boolean otherOrder = read.oneOrder() && read.dayFirst().isPresent() != dayFirst;
    if (read.rough() || otherOrder) {
      doubt(meaning, "taken for " + day.get().text());
    }
    return past;
  }

  private Optional<Mix> mix() {
    var text = text(Meaning.MIX);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    var mix = MixWords.read(text);
    if (mix.isEmpty()) {
      keepInNotes(Meaning.MIX);
    }
    return mix;
  }

  private Pot pot() {
    var typed = text(Meaning.POT_TYPE);
    var type = PotWords.read(typed);
    if (type.isEmpty() && !typed.isEmpty()) {
      keepInNotes(Meaning.POT_TYPE);
    }
    return new Pot(type.orElse(PotType.UNKNOWN), width(), null, "");
  }

  private @Nullable Double width() {
    var text = text(Meaning.POT_SIZE);
    if (text.isEmpty()) {
      return null;
    }
    var size = PotSize.read(text);
    if (size.isEmpty()) {
      keepInNotes(Meaning.POT_SIZE);
      return null;
    }
    bareSize = size.get().unit().isEmpty();
    double mm = Math.rint(size.get().mm(cells.decisions().potUnit()));
    try {
      return new Pot(PotType.UNKNOWN, mm, null, "").diameterMm();
    } catch (Refused refused) {
      fault(Meaning.POT_SIZE, refused.sentence().toLowerCase(Locale.ROOT).replaceAll("\\.$", ""));
      return null;
    }
  }

  private Fate fate() {
    var text = text(Meaning.STATUS, Longest.REASON);
    var fate = FateWords.read(text);
    if (fate.isEmpty()) {
      keepInNotes(Meaning.STATUS);
    } else if (!fate.get().status().here()) {
      doubt(Meaning.STATUS, "taken for " + fate.get().status().words());
    }
    return fate.orElse(Fate.GROWING);
  }

  private void keepInNotes(Meaning meaning) {
    notes.add(heading(meaning) + ": " + text(meaning));
    doubt(meaning, "not understood; kept in the notes");
  }

  private String heading(Meaning meaning) {
    return cells.sheet().columns().get(cells.column(meaning).orElseThrow());
  }

  private String notes() {
    var lines = new ArrayList<String>();
    for (int column : cells.columns(Meaning.NOTES)) {
      var text = cells.text(row, column);
      var head = cells.sheet().columns().get(column);
      if (!text.isEmpty()) {
        lines.add(Meaning.recognised(List.of(head)) > 0 ? text : head + ": " + text);
      }
    }
    lines.addAll(notes);
    var all = String.join("\n", lines);
    if (all.length() > Longest.NOTES) {
      fault(Meaning.NOTES, "notes have at most %d characters".formatted(Longest.NOTES));
    }
    return all;
  }
}
