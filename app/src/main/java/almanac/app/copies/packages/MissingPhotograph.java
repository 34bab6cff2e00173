package almanac.app.copies.packages;

import java.time.LocalDate;

/** A photograph that cannot go along, because its file is gone or damaged. */
public final class MissingPhotograph extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * @param there whether there is a file of that name, and it is not what came
   */
  MissingPhotograph(String plant, LocalDate takenOn, String file, boolean there) {
    super(
        "The photograph of %s of %s (%s) is %s, so that not everything would be in the file. The next backup mends it if a former one has it; else remove it on the plant’s page."
            .formatted(plant, takenOn, file, there ? "damaged" : "missing"));
  }
}
