package almanac.core.judgement.evidence;

import static almanac.core.words.Sentence.say;

import almanac.core.medium.Band;
import almanac.core.medium.MediumTest;
import almanac.core.words.Capital;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Tests of one medium that do not say the same. Structure speaks of decay and smell of air: neither
 * undoes the other. A medium does not grow young: of two tests of the same thing the worse stands,
 * until two later ones on different days say better. Rules: The medium's clock.
 */
final class TestsTogether {
  /** What a test is a test of. */
  enum Thing {
    STRUCTURE,
    SMELL,
    OTHER
  }

  private static final int SETTLES = 2;

  /** What one thing has come to. */
  private static final class Said {
    private double least;
    private Optional<MediumTest> worst = Optional.empty();
    private final Set<LocalDate> betterOn = new LinkedHashSet<>();
    private Optional<MediumTest> better = Optional.empty();
  }

  private final Map<Thing, Said> said = new EnumMap<>(Thing.class);
  private final List<MediumTest> tests = new ArrayList<>();

  TestsTogether() {
    for (var thing : Thing.values()) {
      said.put(thing, new Said());
    }
  }

  /** One test more; not before the others. */
  void add(Thing thing, MediumTest test) {
    var band = test.band();
    var same = said.get(thing);
    if (band.most() < same.least && !settled(same, test)) {
      tests.add(new MediumTest(test.on(), Band.atLeast(0), test.words()));
      return;
    }
    same.least = band.least();
    same.worst = Optional.of(test);
    same.betterOn.clear();
    same.better = Optional.empty();
    boolean others =
        said.entrySet().stream()
            .anyMatch(other -> other.getKey() != thing && other.getValue().least > band.most());
    tests.add(others ? new MediumTest(test.on(), Band.atLeast(band.least()), test.words()) : test);
  }

  private static boolean settled(Said same, MediumTest test) {
    same.betterOn.add(test.on());
    same.better = Optional.of(test);
    return same.betterOn.size() >= SETTLES;
  }

  /** In the order in which they were made, each with what it says beside the others. */
  List<MediumTest> all() {
    return List.copyOf(tests);
  }

  /** A test that says better than an earlier one, and has to be made once more. */
  Optional<Sentence> again() {
    return said.values().stream()
        .filter(same -> same.better.isPresent() && same.worst.isPresent())
        .findFirst()
        .map(
            same ->
                say(
                    "{} on {}, but {} on {}: test it again, a medium does not grow young",
                    Capital.of(same.better.get().words()),
                    same.better.get().on(),
                    same.worst.get().words(),
                    same.worst.get().on()));
  }
}
