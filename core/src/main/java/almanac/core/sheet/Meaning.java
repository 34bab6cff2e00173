package almanac.core.sheet;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What a column is about. */
public enum Meaning {
  LABEL(
      "name on the label",
      "name, plant, plant name, label, tag, orchid, orchid name, hybrid, species, taxon, botanical name"),
  GENUS("genus, before the name", "genus"),
  KIND(
      "kind",
      "kind, kind of plant, group, alliance, type of plant, plant type, type, genus type, type genus,"
          + " genus or type"),
  NUMBER("its number", "number, no, nr, id, plant no, plant number, tag no, accession"),
  PLACE("where it stands", "place, location, shelf, where, position, room, window, bench, area"),
  POTTED_ON(
      "when it was potted",
      "potted, potted on, repotted, repotted on, last repot, last repotted, last repotting,"
          + " repot date, potting date, last potted, date potted, date repotted"),
  ARRIVED_ON(
      "when it came",
      "came, came on, arrived, acquired, date acquired, bought, bought on, purchased, purchase date,"
          + " date bought, since, date, got"),
  CAME_FROM("where it came from", "came from, source, from, supplier, seller, vendor, origin"),
  PRICE("what it cost", "price, cost, paid"),
  PARENTS("its parents", "parents, parentage, cross, pod x pollen"),
  POT_SIZE("how wide its pot is", "pot size, pot, size, pot diameter, diameter, pot width"),
  POT_TYPE("what its pot is", "pot type, pot material, container, kind of pot, type of pot"),
  MIX(
      "what it is potted in",
      "mix, medium, media, potting mix, substrate, compost, potting medium"),
  STATUS("whether it is still here", "status, state, alive, fate"),
  NOTES("into its notes", "notes, note, remarks, remark, comments, comment, description"),
  NOTHING("left out", "");

  private final String words;
  private final List<String> heads;

  Meaning(String words, String heads) {
    this.words = words;
    this.heads = heads.isEmpty() ? List.of() : List.of(heads.split(", "));
  }

  public String words() {
    return words;
  }

  /** Whether several columns can be about it. */
  public boolean often() {
    return this == NOTES || this == NOTHING;
  }

  private record Fit(int column, Meaning meaning, int weight) {}

  /**
   * What columns are likely to be about, by what stands above them. What is not recognised goes
   * into the notes, so that nothing is lost.
   */
  static List<Meaning> guess(List<String> heads) {
    var fits =
        IntStream.range(0, heads.size())
            .boxed()
            .flatMap(column -> fits(column, Plain.words(heads.get(column))))
            .sorted(Comparator.comparingInt(Fit::weight).reversed().thenComparing(Fit::column))
            .toList();
    var guessed = new Meaning[heads.size()];
    Arrays.fill(guessed, null);
    var taken = EnumSet.noneOf(Meaning.class);
    for (var fit : fits) {
      if (guessed[fit.column()] == null && (fit.meaning().often() || taken.add(fit.meaning()))) {
        guessed[fit.column()] = fit.meaning();
      }
    }
    return Arrays.stream(guessed).map(each -> Optional.ofNullable(each).orElse(NOTES)).toList();
  }

  /** The whole head weighs most, then the longer of the words in it. */
  private static Stream<Fit> fits(int column, String head) {
    return Arrays.stream(values())
        .flatMap(
            meaning ->
                meaning.heads.stream()
                    .filter(each -> Plain.stands(each, head))
                    .map(
                        each ->
                            new Fit(
                                column, meaning, each.length() + (each.equals(head) ? 100 : 0))));
  }

  /** Whether a row looks like one of headings: how many of its cells are known as such. */
  static long recognised(List<String> cells) {
    return cells.stream()
        .map(Plain::words)
        .filter(cell -> Arrays.stream(values()).anyMatch(each -> each.heads.contains(cell)))
        .count();
  }
}
