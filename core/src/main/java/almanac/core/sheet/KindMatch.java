package almanac.core.sheet;

import almanac.core.kinds.Genera;
import almanac.core.sheet.SheetReading.KindWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Which kinds are meant by the words of a sheet. */
final class KindMatch {
  private final Cells cells;
  private final Known known;
  private final Map<String, KindWords> byWords = new LinkedHashMap<>();

  KindMatch(Cells cells, Known known) {
    this.cells = cells;
    this.known = known;
    Spelled.in(cells, this::words)
        .forEach(
            (plain, spelled) -> {
              if (!spelled.words().isEmpty()) {
                byWords.put(plain, match(plain, spelled));
              }
            });
  }

  /** What in a row stands for its kind: the cell of that name, or else the genus. */
  String words(Sheet.Row row) {
    var kind = cells.text(row, Meaning.KIND);
    if (!kind.isEmpty()) {
      return kind;
    }
    var genus = cells.text(row, Meaning.GENUS);
    var label = (genus + " " + cells.text(row, Meaning.LABEL)).strip();
    var first = genus.isEmpty() ? label.split("\\s+", 2)[0] : genus;
    return Genera.of(label).map(Genera.Genus::name).orElse(first);
  }

  /** Which is meant in a row; null if nobody knows. */
  @Nullable KindChoice choice(String words) {
    var found = byWords.get(Plain.words(words));
    return found == null ? null : found.choice();
  }

  List<KindWords> all() {
    return new ArrayList<>(byWords.values());
  }

  private KindWords match(String plain, Spelled spelled) {
    var words = spelled.words();
    int rows = spelled.rows();
    var said = cells.decisions().kinds().get(plain);
    if (said != null) {
      return new KindWords(words, rows, known.kinds().containsKey(said.key()) ? said : null, true);
    }
    return named(plain)
        .map(key -> new KindWords(words, rows, new KindChoice(key, false), true))
        .or(
            () ->
                Genera.of(words)
                    .map(
                        genus ->
                            new KindWords(
                                words, rows, new KindChoice(genus.kind(), false), genus.sure())))
        .orElseGet(() -> new KindWords(words, rows, null, false));
  }

  private Optional<String> named(String plain) {
    return known.kinds().entrySet().stream()
        .filter(
            kind ->
                Plain.words(kind.getValue()).equals(plain)
                    || Plain.words(kind.getKey()).equals(plain))
        .map(Map.Entry::getKey)
        .findFirst();
  }
}
