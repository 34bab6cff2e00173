package almanac.app.errands.bench.dividing;

import almanac.core.pot.Spot;
import almanac.core.refusals.Longest;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A rhizome as it is drawn. */
public record MapEntry(
    @NotNull(message = "Give the growths.")
        @Size(max = RhizomeMap.MOST, message = "A map has at most 60 growths.")
        List<@NotNull(message = "A growth cannot be empty.") @Valid GrowthEntry> growths,
    @Schema(description = "One less than growths: all hang together, and nothing goes round")
        @NotNull(message = "Give the joints; one growth has none.")
        @Size(max = RhizomeMap.MOST, message = "A map has at most 59 joints.")
        List<@NotNull(message = "A joint cannot be empty.") @Valid JointEntry> joints) {

  /**
   * The map of it.
   *
   * @throws almanac.core.refusals.Refused naming the entry, if it is no rhizome
   */
  public RhizomeMap map() {
    return new RhizomeMap(
        growths.stream().map(GrowthEntry::growth).toList(),
        joints.stream().map(JointEntry::joint).toList());
  }

  /** A map as it is drawn. */
  public static MapEntry of(RhizomeMap map) {
    return new MapEntry(
        map.growths().stream().map(GrowthEntry::of).toList(),
        map.joints().stream()
            .map(joint -> new JointEntry(joint.one(), joint.other(), joint.natural()))
            .toList());
  }

  /** One growth. */
  public record GrowthEntry(
      @NotNull(message = "Each growth needs a name of its own.")
          @Size(max = Longest.GROWTH, message = "A growth's name has at most {max} characters.")
          String name,
      @NotNull(message = "Say whether it is firm, wrinkled or soft.") Firmness firmness,
      @Schema(description = "Live roots of its own") int roots,
      @Schema(description = "Whether new roots are starting at it") boolean newRoots,
      @NotNull(message = "Say whether it is a lead, has a live eye, or is spent.") Front front,
      @Schema(nullable = true, description = "mm from the pot's middle towards 3 o'clock")
          @Nullable Double x,
      @Schema(nullable = true, description = "mm from the pot's middle towards 12 o'clock")
          @Nullable Double y,
      @Schema(
              nullable = true,
              description =
                  "Where a lead goes on, degrees clockwise from 12 o'clock; on from the growth"
                      + " behind it unless given")
          @Nullable Double heading) {

    MapGrowth growth() {
      return new MapGrowth(
          name.strip(),
          firmness,
          roots,
          newRoots,
          front,
          new Spot(x == null ? 0 : x, y == null ? 0 : y),
          heading);
    }

    static GrowthEntry of(MapGrowth growth) {
      return new GrowthEntry(
          growth.name(),
          growth.firmness(),
          growth.roots(),
          growth.newRoots(),
          growth.front(),
          growth.at().x(),
          growth.at().y(),
          growth.heading());
    }
  }

  /** The rhizome between two growths. */
  public record JointEntry(
      @NotNull(message = "Say between which growths it lies.") String one,
      @NotNull(message = "Say between which growths it lies.") String other,
      @Schema(description = "Whether it is loose already, or breaks there by itself")
          boolean natural) {

    Joint joint() {
      return new Joint(one.strip(), other.strip(), natural);
    }
  }
}
