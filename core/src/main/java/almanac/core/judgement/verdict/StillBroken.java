package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Breakage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Look;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Trait;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;

/** What broke and is not settled by now; a slip speaks of it first. Rules: Breakage. */
final class StillBroken {
  private StillBroken() {}

  static Optional<Sentence> of(Evidence evidence) {
    var look = evidence.fresh(Items.BREAKAGE);
    return look.seen().flatMap(seen -> of(look, seen.on(), evidence));
  }

  private static Optional<Sentence> of(Look<Breakage> look, LocalDate on, Evidence evidence) {
    if (evidence.leadSnappedOn().isPresent()) {
      return Optional.of(
          look.saw(Breakage.ONLY_LEAD_SNAPPED)
              ? say(
                  "Its only growth is snapped off, seen {}: an eye that swells is its chance.", on)
              : say("A growth is snapped off, seen {}: no root work until an eye swells.", on));
    }
    if (look.saw(Breakage.PARTED)) {
      return Optional.of(say("Its rhizome has parted, seen {}: it is two plants already.", on));
    }
    if (look.saw(Breakage.TIPS_CHEWED)) {
      return Optional.of(say("Root tips are chewed, seen {}: something lives in the pot.", on));
    }
    if (look.saw(Breakage.ALL_TIPS) && !rootsSince(on, evidence)) {
      return Optional.of(
          say("All new root tips are broken, seen {}: it waits for its next roots.", on));
    }
    if (look.saw(Breakage.SOME_TIPS) && !rootsSince(on, evidence)) {
      return Optional.of(say("Some new root tips are broken, seen {}: the others decide.", on));
    }
    if (look.saw(Breakage.BULB_LOOSE)) {
      return Optional.of(
          say("A bulb is loose on its rhizome, seen {}: it comes off at the next move.", on));
    }
    return look.saw(Breakage.LONG_ROOT) && evidence.kind().of(Trait.BRANCHING) != Branching.NO
        ? Optional.of(say("A long root broke, seen {}: side roots in three to five weeks.", on))
        : Optional.empty();
  }

  private static boolean rootsSince(LocalDate day, Evidence evidence) {
    return evidence.leads().stream()
        .flatMap(lead -> lead.looks().stream())
        .anyMatch(look -> look.on().isAfter(day) && look.stage().measurable());
  }
}
