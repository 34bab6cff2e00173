package almanac.app.copies.packages;

/**
 * Texts in cells that a spreadsheet would run as formulas. They are written with an apostrophe
 * before them, which a spreadsheet takes for: this is text; and are read without it.
 */
public final class Harmless {
  private static final String BEGINS_A_FORMULA = "=+-@\t\r";
  private static final char APOSTROPHE = '\'';

  private Harmless() {}

  /** A text as a cell. */
  public static String cell(String text) {
    return !text.isEmpty() && marked(text.charAt(0)) ? APOSTROPHE + text : text;
  }

  /** A cell as the text that it was. */
  public static String text(String cell) {
    return cell.length() > 1 && cell.charAt(0) == APOSTROPHE && marked(cell.charAt(1))
        ? cell.substring(1)
        : cell;
  }

  private static boolean marked(char first) {
    return first == APOSTROPHE || BEGINS_A_FORMULA.indexOf(first) >= 0;
  }
}
