package almanac.core.kinds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

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

  /** As genera are shortened on labels; one letter only with its dot. */
  private static final Map<String, String> SHORT = new HashMap<>();

  static {
    shortened("phal", "Phalaenopsis");
    shortened("c, catt, ctt", "Cattleya");
    shortened("l", "Laelia");
    shortened("lc", "Laeliocattleya");
    shortened("bc", "Brassocattleya");
    shortened("blc", "Brassolaeliocattleya");
    shortened("rlc", "Rhyncholaeliocattleya");
    shortened("b", "Brassavola");
    shortened("gur", "Guarianthe");
    shortened("e, enc, encycl", "Encyclia");
    shortened("onc", "Oncidium");
    shortened("odm, odont", "Odontoglossum");
    shortened("mtps, mps", "Miltoniopsis");
    shortened("milt", "Miltonia");
    shortened("brs, brass", "Brassia");
    shortened("paph", "Paphiopedilum");
    shortened("phrag", "Phragmipedium");
    shortened("den, dend", "Dendrobium");
    shortened("coel", "Coelogyne");
    shortened("z, zygo", "Zygopetalum");
    shortened("gga", "Gongora");
    shortened("stan, stanh", "Stanhopea");
    shortened("ctsm", "Catasetum");
    shortened("cyc", "Cycnoches");
    shortened("sob", "Sobralia");
    shortened("bulb, bulbo", "Bulbophyllum");
    shortened("max", "Maxillaria");
    shortened("v", "Vanda");
    shortened("rhy", "Rhynchostylis");
    shortened("masd", "Masdevallia");
    shortened("pths, pleur", "Pleurothallis");
    shortened("angcm, ang", "Angraecum");
    shortened("aergs", "Aerangis");
    shortened("epi", "Epidendrum");
    shortened("cym", "Cymbidium");
    shortened("lyc", "Lycaste");
    shortened("tolu", "Tolumnia");
  }

  /** What tells two kinds of one genus apart, by words on the label. */
  private enum Told {
    TWO_LEAVED(
        "cattleya-one-leaved",
        "cattleya-two-leaved",
        "two-leaved",
        "bifoliate|two.leaved|2.leaved"),
    ONE_LEAVED(
        "cattleya-one-leaved",
        "cattleya-one-leaved",
        "one-leaved",
        "unifoliate|one.leaved|1.leaved"),
    DECIDUOUS("dendrobium-evergreen", "dendrobium-deciduous", "deciduous", "deciduous"),
    EVERGREEN("dendrobium-evergreen", "dendrobium-evergreen", "evergreen", "evergreen");

    private final String usually;
    private final String kind;
    private final String words;
    private final Pattern pattern;

    Told(String usually, String kind, String words, String pattern) {
      this.usually = usually;
      this.kind = kind;
      this.words = words;
      this.pattern = Pattern.compile("\\b(?:%s)\\b".formatted(pattern));
    }
  }

  private Genera() {}

  private static void shortened(String names, String genus) {
    for (var name : names.split(", ")) {
      SHORT.put(name, genus);
    }
  }

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

  /**
   * The genus that a name begins with, however it is written or shortened, if it is known. Where
   * the label says which kind of it, that stands behind its name: {@code Cattleya (two-leaved)}.
   */
  public static Optional<Genus> of(String label) {
    // Between genera a cross is written before the name, by its sign or by a letter.
    var name = label.strip().replaceFirst("^(×\\s*|[xX]\\s+)", "");
    var first = name.split("[\\s.,×]+", 2)[0].toLowerCase(Locale.ROOT);
    boolean dotted = name.length() > first.length() && name.charAt(first.length()) == '.';
    var full = first.length() > 1 || dotted ? SHORT.getOrDefault(first, first) : first;
    return ALL.stream()
        .filter(each -> each.name().equalsIgnoreCase(full))
        .findFirst()
        .map(genus -> told(genus, name.toLowerCase(Locale.ROOT)));
  }

  private static Genus told(Genus genus, String label) {
    return Arrays.stream(Told.values())
        .filter(told -> told.usually.equals(genus.kind()) && told.pattern.matcher(label).find())
        .findFirst()
        .map(told -> new Genus("%s (%s)".formatted(genus.name(), told.words), told.kind, true))
        .orElse(genus);
  }
}
