package almanac.core.judgement;

import almanac.core.judgement.verdict.Judgement;
import almanac.core.words.Sentence;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Pairs of sentences that a grower would call a contradiction on one slip. */
public final class Contradictions {
  private record Pair(Pattern one, Pattern other) {}

  private static final List<Pair> PAIRS =
      List.of(
          pair("A good moment", "too short to carry"),
          pair("A good moment", "stand still"),
          pair("A good moment", "cannot wait"),
          pair("A good moment", "[Rr]escue"),
          pair("it will take the move", "too short to carry"),
          pair("it will take the move", "expect it to sulk"),
          pair("All medium off|all medium off", "Top the medium up"),
          pair("All medium off|all medium off", "Lay moss over"),
          pair("All medium off|all medium off", "the ball whole"),
          pair("All medium off|all medium off", "Flush"),
          pair("All medium off|all medium off", "\\b[Ww]ick\\b"),
          pair("nothing untangled", "dead roots off"),
          pair("Out of the pot today", "Water it"),
          pair("Nothing to gain", "Full repot|Part repot|Move up|Divide"),
          pair("No move", "Full repot|Part repot|Move up|Divide"),
          pair("moved today", "nobody has seen|Nobody knows|\\b0 days ago"),
          pair("Water it more often", "water less often"),
          pair("smallest pot", "larger pot"),
          pair("no clock", "Medium \\d+ % used"),
          pair("although the medium is wet", "medium is moist"),
          pair("Lead has room|lead has room", "past the rim"),
          pair("one by itself|by itself is no reason", "Roots crowd the pot"),
          pair("stands firm", "It wobbles|sits loose|It leans|tips out of"));

  private static final Pattern ODD =
      Pattern.compile(
          "(\\b(\\w+) \\2\\b)|pH [\\d.]+ to pH|\\bin in\\b|\\{\\}|  |\\bnull\\b|\\b0 days ago");

  private Contradictions() {}

  private static Pair pair(String one, String other) {
    return new Pair(Pattern.compile(one), Pattern.compile(other));
  }

  /** Everything a slip says. */
  public static List<String> sentences(Judgement judged) {
    return Stream.of(
            Stream.of(judged.advice().toString()),
            judged.verdict().atTheBench()
                ? Stream.of(judged.method().words().toString())
                : Stream.<String>empty(),
            judged.besides().care().stream().map(Sentence::toString),
            judged.besides().costs().stream().map(Sentence::toString),
            judged.besides().remarks().stream().map(Sentence::toString),
            judged.weighed().reasons().stream().map(reason -> reason.sentence().toString()))
        .flatMap(each -> each)
        .toList();
  }

  /** What contradicts itself on a slip, or is no good English; empty if nothing. */
  public static List<String> of(Judgement judged) {
    var all = sentences(judged);
    var odd = all.stream().filter(sentence -> ODD.matcher(sentence).find());
    var pairs =
        PAIRS.stream()
            .filter(pair -> any(all, pair.one()) && any(all, pair.other()))
            .map(pair -> "%s beside %s".formatted(pair.one(), pair.other()));
    return Stream.concat(odd, pairs).toList();
  }

  private static boolean any(List<String> sentences, Pattern wanted) {
    return sentences.stream().anyMatch(sentence -> wanted.matcher(sentence).find());
  }
}
