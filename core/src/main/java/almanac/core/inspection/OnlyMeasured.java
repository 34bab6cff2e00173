package almanac.core.inspection;

import almanac.core.words.Answer;

/** For what is measured and has no other answer. */
public enum OnlyMeasured implements Answer {
  ;

  @Override
  public String words() {
    throw new AssertionError("there is none");
  }
}
