package almanac.core.tried;

import almanac.core.figures.Figures;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial.Side;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What was seen of one thing on both sides of a trial. Rules: Trials.
 *
 * @param difference how much more it is where something is tried; nothing before the trial may be
 *     judged, of what is not measured, and where fewer than two can be held against each other
 */
public record Compared(Item<?> item, List<Row> rows, Optional<Difference> difference) {
  /** Sizes stand as they were last; what swings from time to time is taken in the mean. */
  private static final Set<Item<?>> IN_THE_MEAN =
      Set.of(Items.DAYS_TO_DRY, Items.SOAK_PH, Items.SALTS);

  private static final int YEARS_BEFORE = 2;

  /**
   * A plant.
   *
   * @param readings oldest first
   * @param value what they come to
   * @param before what those of the same months of the two years before come to
   */
  public record Row(
      Member member, List<Reading> readings, OptionalDouble value, OptionalDouble before) {}

  static Compared of(TrialRun run, Item<?> item, LocalDate today, Figures figures) {
    var rows = run.members().stream().map(member -> row(member, item, today)).toList();
    return new Compared(
        item,
        rows,
        run.mayJudge(today) ? difference(run.trial().against(), rows, figures) : Optional.empty());
  }

  /** What follows from it, as a part of a sentence; nothing where nothing was held against it. */
  public Optional<Sentence> words() {
    return difference.map(of -> of.words(item.measurement().orElseThrow().measure()));
  }

  private static Row row(Member member, Item<?> item, LocalDate today) {
    var readings = member.readings(item, today);
    var before =
        IntStream.rangeClosed(1, YEARS_BEFORE)
            .mapToObj(years -> value(item, member.readingsBefore(item, years, today)))
            .flatMapToDouble(OptionalDouble::stream)
            .average();
    return new Row(member, readings, value(item, readings), before);
  }

  private static OptionalDouble value(Item<?> item, List<Reading> readings) {
    var measured = readings.stream().flatMapToDouble(each -> each.finding().measured().stream());
    return IN_THE_MEAN.contains(item)
        ? measured.average()
        : measured.reduce((former, latter) -> latter);
  }

  private static Optional<Difference> difference(Against against, List<Row> rows, Figures figures) {
    return switch (against) {
      case EARLIER ->
          Difference.inPairs(
              rows.stream()
                  .filter(row -> row.value().isPresent() && row.before().isPresent())
                  .map(row -> pair(row.value(), row.before()))
                  .toList(),
              figures);
      case OTHER_HALF -> Difference.inPairs(pairs(rows), figures);
      case OTHERS ->
          Difference.between(values(rows, Side.TRIED), values(rows, Side.AGAINST), figures);
    };
  }

  private static List<Difference.Pair> pairs(List<Row> rows) {
    var halves = new LinkedHashMap<Integer, Row>();
    var pairs = new ArrayList<Difference.Pair>();
    for (var row : rows) {
      if (row.value().isEmpty()) {
        continue;
      }
      var tried = halves.putIfAbsent(row.member().its().pair(), row);
      if (tried != null && tried.member().its().side() == Side.TRIED) {
        pairs.add(pair(tried.value(), row.value()));
      }
    }
    return pairs;
  }

  private static Difference.Pair pair(OptionalDouble tried, OptionalDouble against) {
    return new Difference.Pair(tried.orElseThrow(), against.orElseThrow());
  }

  private static List<Double> values(List<Row> rows, Side side) {
    return rows.stream()
        .filter(row -> row.member().its().side() == side)
        .flatMapToDouble(row -> row.value().stream())
        .boxed()
        .toList();
  }
}
