package almanac.core.kinds;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * To which kind the plants of a genus usually belong, for whoever knows the name on the label and
 * not how its roots grow. It is proposed and never decided: within some genera roots differ.
 */
public final class Genera {
  /**
   * A genus.
   *
   * @param kind the key of the kind that its plants usually are of
   * @param sure whether all that are commonly grown are of that kind
   */
  public record Genus(String name, String kind, boolean sure) {}

  private static final List<Genus> ALL = new ArrayList<>();

  static {
    sure("phalaenopsis", "Phalaenopsis, Doritis, Doritaenopsis");
    // One leaf on a bulb or two: they differ in when they may be moved.
    perhaps("cattleya-one-leaved", "Cattleya, Laelia, Laeliocattleya, Rhyncholaeliocattleya");
    sure("cattleya-one-leaved", "Brassavola, Rhyncholaelia, Brassocattleya, Brassolaeliocattleya");
    sure("cattleya-two-leaved", "Guarianthe");
    sure("encyclia", "Encyclia, Prosthechea");
    sure(
        "oncidium",
        "Oncidium, Odontoglossum, Cyrtochilum, Gomesa, Rossioglossum, Rhynchostele, Oncidopsis,"
            + " Odontocidium, Vuylstekeara, Wilsonara, Burrageara");
    sure("miltoniopsis", "Miltoniopsis");
    sure(
        "miltonia-brassia",
        "Miltonia, Brassia, Brassidium, Miltassia, Bratonia, Beallara, Aliceara");
    sure("paphiopedilum", "Paphiopedilum");
    sure("phragmipedium", "Phragmipedium");
    // Those that drop their leaves want a dry winter.
    perhaps("dendrobium-evergreen", "Dendrobium");
    sure("coelogyne", "Coelogyne, Dendrochilum");
    sure("zygopetalum", "Zygopetalum, Promenaea, Pabstia, Zygopabstia");
    sure("psychopsis", "Psychopsis");
    sure("gongora-stanhopea", "Gongora, Stanhopea, Acineta");
    sure("catasetum", "Catasetum, Clowesia, Cycnoches, Mormodes, Fredclarkeara");
    sure("sobralia", "Sobralia, Bletilla, Calanthe, Phaius, Ludisia");
    sure("bulbophyllum-maxillaria", "Bulbophyllum, Cirrhopetalum, Maxillaria");
    sure("vanda", "Vanda, Ascocentrum, Ascocenda, Rhynchostylis, Aerides, Renanthera");
    sure("masdevallia", "Masdevallia, Dracula, Pleurothallis, Restrepia, Lepanthes, Stelis");
    sure("other-monopodial", "Angraecum, Aerangis, Jumellea, Sarcochilus");
    perhaps("other-sympodial", "Epidendrum, Cymbidium, Lycaste, Anguloa, Tolumnia, Pleione");
  }

  private Genera() {}

  private static void sure(String kind, String names) {
    add(kind, names, true);
  }

  private static void perhaps(String kind, String names) {
    add(kind, names, false);
  }

  private static void add(String kind, String names, boolean sure) {
    for (var name : names.split(", ")) {
      ALL.add(new Genus(name, kind, sure));
    }
  }

  /** All that are known. */
  public static List<Genus> all() {
    return List.copyOf(ALL);
  }

  /** The genus that a name begins with, however it is written, if it is known. */
  public static Optional<Genus> of(String label) {
    // Between genera a cross is written before the name, by its sign or by a letter.
    var name = label.strip().replaceFirst("^(×\\s*|[xX]\\s+)", "");
    var first = name.split("[\\s.,×]+", 2)[0].toLowerCase(Locale.ROOT);
    return ALL.stream()
        .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(first))
        .findFirst();
  }
}
