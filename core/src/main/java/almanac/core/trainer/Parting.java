package almanac.core.trainer;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.verdict.Asks;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Where two opinions of one plant part. Rules: The trainer. */
public final class Parting {
  private Parting() {}

  /**
   * An opinion.
   *
   * @param method in words; empty where nothing is moved
   * @param looks the titles of the looks that it rests on
   */
  public record Held(Asks asks, String method, List<String> looks) {}

  /** A sentence for each thing in which they part; none where they agree. */
  public static List<Sentence> of(Held theirs, Held ours) {
    var parts = new ArrayList<Sentence>();
    if (theirs.asks() != ours.asks()) {
      parts.add(say("They would {}; yours would {}.", does(theirs), does(ours)));
    } else if (!theirs.method().equals(ours.method())) {
      parts.add(say("Both would {}, but not in the same way.", does(ours)));
    }
    only(theirs.looks(), ours.looks())
        .forEach(look -> parts.add(say("Only theirs rests on this look: {}.", look)));
    only(ours.looks(), theirs.looks())
        .forEach(look -> parts.add(say("Only yours rests on this look: {}.", look)));
    return parts;
  }

  private static String does(Held held) {
    return switch (held.asks()) {
      case LEAVE -> "leave it alone";
      case WAIT -> "move it later";
      case MOVE -> "move it now";
      case DIVIDE -> "divide it now";
      case LET_GO -> "let it go";
    };
  }

  private static Set<String> only(List<String> these, List<String> those) {
    var only = new LinkedHashSet<>(these);
    only.removeAll(new LinkedHashSet<>(those));
    return only;
  }
}
