package almanac.core.sheet;

import almanac.core.sheet.SheetReading.PlaceWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Which places are meant by the words of a sheet. */
final class PlaceMatch {
  /** Where plants are stood of which the sheet says nothing. */
  private static final String NOWHERE = "Not placed yet";

  /** Words that are as alike are one word written twice. */
  private static final double ALIKE = 0.93;

  private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

  private final Cells cells;
  private final Known known;
  private final Map<String, PlaceWords> byWords = new LinkedHashMap<>();

  PlaceMatch(Cells cells, Known known) {
    this.cells = cells;
    this.known = known;
    Spelled.in(cells, row -> cells.text(row, Meaning.PLACE))
        .forEach((plain, spelled) -> byWords.put(plain, match(plain, spelled)));
  }

  PlaceChoice choice(Sheet.Row row) {
    return Objects.requireNonNull(byWords.get(Plain.words(cells.text(row, Meaning.PLACE))))
        .choice();
  }

  List<PlaceWords> all() {
    return new ArrayList<>(byWords.values());
  }

  private PlaceWords match(String plain, Spelled spelled) {
    var words = spelled.words();
    int rows = spelled.rows();
    var said = cells.decisions().places().get(plain);
    if (said != null) {
      return new PlaceWords(words, rows, ofThatName(said), true);
    }
    var wanted = plain.isEmpty() ? NOWHERE : words;
    var wantedPlain = Plain.words(wanted);
    return known.places().entrySet().stream()
        .filter(place -> Plain.words(place.getValue()).equals(wantedPlain))
        .findFirst()
        .map(place -> new PlaceWords(words, rows, choice(place), true))
        .or(() -> alike(wantedPlain).map(choice -> new PlaceWords(words, rows, choice, false)))
        .orElseGet(
            () -> new PlaceWords(words, rows, new PlaceChoice(null, wanted), !plain.isEmpty()));
  }

  /** A place that is to be made new, or the one that has the name already. */
  private PlaceChoice ofThatName(PlaceChoice said) {
    return known.places().entrySet().stream()
        .filter(
            place ->
                said.id() == null
                    ? place.getValue().equals(said.name().strip())
                    : place.getKey().equals(said.id()))
        .findFirst()
        .map(PlaceMatch::choice)
        .orElse(new PlaceChoice(null, said.name().strip()));
  }

  /** One of ours, or one that the sheet has named before; the most alike. */
  private Optional<PlaceChoice> alike(String plain) {
    var ours = known.places().entrySet().stream().map(PlaceMatch::choice);
    var named = byWords.values().stream().map(PlaceWords::choice);
    return Stream.concat(ours, named)
        .filter(each -> likeness(each, plain) >= ALIKE)
        .max(Comparator.comparingDouble(each -> likeness(each, plain)));
  }

  /** Shelf 1 and shelf 2 are written alike and are not the same. */
  private static double likeness(PlaceChoice choice, String plain) {
    var name = Plain.words(choice.name());
    return name.replaceAll("\\D", "").equals(plain.replaceAll("\\D", ""))
        ? SIMILARITY.apply(name, plain)
        : 0;
  }

  private static PlaceChoice choice(Map.Entry<Long, String> place) {
    return new PlaceChoice(place.getKey(), place.getValue());
  }
}
