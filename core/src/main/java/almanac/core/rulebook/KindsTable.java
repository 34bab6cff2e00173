package almanac.core.rulebook;

import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import java.util.Locale;
import java.util.stream.Collectors;

/** The kinds of plants as they stand in {@code docs/rules.md}. */
final class KindsTable {
  private static final String HEADING =
      """

      ## Kinds of plants

      What the program says of each kind; the collector can change one, copy one or add one, and a
      single plant may differ. Step: from growth to growth along the rhizome. Speed: of a new root.

      | kind | roots | branch | takes a move | roots appear | medium | a division needs | step, a year | °C | speed | rests | stands best | care |
      |---|---|---|---|---|---|---|---|---|---|---|---|---|
      """;

  private KindsTable() {}

  static String asMarkdown() {
    return StandardKinds.standard().stream()
        .map(KindsTable::row)
        .collect(Collectors.joining("\n", HEADING, "\n" + ready()));
  }

  private static String row(Kind kind) {
    var least = kind.traits().get(Trait.LEAST_GROWTHS);
    boolean clump = least.isPresent();
    return "| %s | %s | %s | %s | %s | %s | %s | %s | %s–%s | %s mm a week | %s | %s | %s |"
        .formatted(
            kind.name(),
            lower(kind.of(Trait.ROOTS)),
            lower(kind.of(Trait.BRANCHING)),
            kind.of(Trait.READY_RULE).words(),
            kind.of(Trait.ROOTS_APPEAR),
            kind.of(Trait.MOISTURE).words(),
            least.map(growths -> growths + " growths").orElse("–"),
            clump
                ? "%s mm, %s"
                    .formatted(
                        Rulebook.plain(kind.of(Trait.RHIZOME_STEP_MM)),
                        Rulebook.plain(kind.of(Trait.GROWTHS_A_YEAR)))
                : "–",
            Rulebook.plain(kind.warmth().nightLeast()),
            Rulebook.plain(kind.warmth().dayMost()),
            Rulebook.plain(kind.of(Trait.ROOT_SPEED)),
            kind.rest().words(),
            kind.bestPot().words(),
            kind.of(Trait.CARE));
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
