package almanac.core.rhizome;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Lead;
import almanac.core.roots.RootLook;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * One growth from its first look on.
 *
 * @param lead the lead it grew on
 * @param since the day of the first look at it
 * @param until the day on which the next growth was seen in front of it; nothing while it leads
 * @param stages how far along it was, oldest first
 * @param sizes its size, oldest first
 * @param roots its newest roots, oldest first
 * @param flowers how it bloomed, oldest first; only while it was the only lead
 */
public record Growth(
    Lead lead,
    LocalDate since,
    Optional<LocalDate> until,
    List<Seen<GrowthStage>> stages,
    List<Seen<Double>> sizes,
    List<RootLook> roots,
    List<Seen<Bloom>> flowers) {

  /** Something seen on a day. */
  public record Seen<T>(LocalDate on, T what) {}

  /** Lead and year: {@code A 2026}. */
  public String name() {
    return "%s %d".formatted(lead, since.getYear());
  }

  /** Whether it is the newest on its lead. */
  public boolean leads() {
    return until.isEmpty();
  }

  /** The largest size measured, mm; a growth does not shrink until it is old. */
  public Optional<Double> size() {
    return sizes.stream().map(Seen::what).max(Double::compare);
  }
}
