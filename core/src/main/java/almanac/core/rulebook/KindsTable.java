package almanac.core.rulebook;

import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import java.util.Locale;
import java.util.stream.Collectors;

/** The kinds of plants as they stand in {@code docs/rules.md}. */
final class KindsTable {
  private static final String HEADING =
      """

      ## Kinds of plants

      What the program says of each kind; the collector can change one, copy one or add one, and a
      single plant may differ. Step: from growth to growth along the rhizome. Speed: of a new root.

      | kind | roots | branch | takes a move | roots appear | medium | a division needs | step, a year | °C | speed | care |
      |---|---|---|---|---|---|---|---|---|---|---|
      """;

  private KindsTable() {}

  static String asMarkdown() {
    return StandardKinds.standard().stream()
        .map(KindsTable::row)
        .collect(Collectors.joining("\n", HEADING, "\n" + ready()));
  }

  private static String row(Kind kind) {
    boolean clump = kind.leastGrowths().isPresent();
    return "| %s | %s | %s | %s | %s | %s | %s | %s | %s–%s | %s mm a week | %s |"
        .formatted(
            kind.name(),
            lower(kind.roots()),
            lower(kind.branching()),
            kind.readyRule().words(),
            kind.rootsAppear(),
            kind.moisture().words(),
            clump ? kind.leastGrowths().getAsInt() + " growths" : "–",
            clump
                ? "%s mm, %s"
                    .formatted(
                        Rulebook.plain(kind.rhizomeStepMm()), Rulebook.plain(kind.growthsAYear()))
                : "–",
            Rulebook.plain(kind.warmth().nightLeast()),
            Rulebook.plain(kind.warmth().dayMost()),
            Rulebook.plain(kind.rootSpeed()),
            kind.care());
  }

  /** Why each rule of readiness is as it is. */
  private static String ready() {
    return java.util.Arrays.stream(almanac.core.kinds.ReadyRule.values())
        .map(rule -> "- Takes a move %s: %s.".formatted(rule.words(), rule.reason()))
        .collect(Collectors.joining("\n", "\n", "\n"));
  }

  private static String lower(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
