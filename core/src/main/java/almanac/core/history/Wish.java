package almanac.core.history;

import org.jspecify.annotations.Nullable;

/**
 * What the collector wants of a plant, and how it is to be judged.
 *
 * @param approach null where that of its place or of the collection holds
 */
public record Wish(Aim aim, @Nullable Approach approach) {
  /** As long as nothing else was said. */
  public static final Wish AS_IT_COMES = new Wish(Aim.AS_IT_COMES, null);
}
