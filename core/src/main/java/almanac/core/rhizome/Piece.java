package almanac.core.rhizome;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * One piece that a plan leaves.
 *
 * @param growths in the order of the map
 * @param least so many firm growths it needs
 */
public record Piece(List<MapGrowth> growths, int least) {
  public Piece {
    growths = List.copyOf(growths);
  }

  public int firm() {
    return (int) growths.stream().filter(MapGrowth::firm).count();
  }

  public int roots() {
    return growths.stream().mapToInt(MapGrowth::roots).sum();
  }

  public boolean newRoots() {
    return growths.stream().anyMatch(MapGrowth::newRoots);
  }

  public long leads() {
    return growths.stream().filter(growth -> growth.front() == Front.LEAD).count();
  }

  public long eyes() {
    return growths.stream().filter(growth -> growth.front() == Front.EYE).count();
  }

  /** Whether it is cut out for being rotten, or lies against what is. */
  public boolean rotten() {
    return growths.stream().anyMatch(MapGrowth::soft);
  }

  /** Enough firm growths, a lead or a live eye, and roots of its own. */
  public boolean sound() {
    return lacks().isEmpty();
  }

  /** A firm bulb with an eye that may be started by itself, and often fails. */
  public boolean gamble() {
    return !sound()
        && growths.stream().anyMatch(growth -> growth.firm() && growth.front() == Front.EYE);
  }

  /** What it is short of, each as part of a sentence; nothing if it is sound. */
  public List<Sentence> lacks() {
    var lacks = new ArrayList<Sentence>();
    if (firm() < least) {
      lacks.add(
          say(
              "{} firm {} instead of {}",
              Measure.COUNT.of(firm()),
              firm() == 1 ? "growth" : "growths",
              Measure.COUNT.of(least)));
    }
    if (leads() + eyes() == 0) {
      lacks.add(say("neither a lead nor a live eye"));
    }
    if (growths.stream().noneMatch(MapGrowth::rooted)) {
      lacks.add(say("no root of its own"));
    }
    return List.copyOf(lacks);
  }
}
