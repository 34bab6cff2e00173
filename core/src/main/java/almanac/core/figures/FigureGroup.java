package almanac.core.figures;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The figures of one part of the rules, in the order in which they are written down. A figure made
 * by its group cannot be forgotten in {@code docs/rules.md} or on the page of rules.
 */
public final class FigureGroup {
  private final String key;
  private final String title;
  private final List<Figure> figures = new ArrayList<>();
  private final List<List<Figure>> orders = new ArrayList<>();

  /**
   * @param key first part of every figure's key
   * @param title heading for a reader
   */
  public FigureGroup(String key, String title) {
    this.key = key;
    this.title = title;
  }

  /**
   * Adds a figure to this group.
   *
   * @throws IllegalArgumentException if the name is taken or the default lies outside the range
   */
  public Figure figure(
      String name, double standard, Unit unit, double least, double most, String reason) {
    var figure = new Figure(key + "." + name, standard, unit, least, most, reason);
    if (figures.stream().anyMatch(known -> known.key().equals(figure.key()))) {
      throw new IllegalArgumentException("Two figures are called " + figure.key());
    }
    figures.add(figure);
    return figure;
  }

  /**
   * Says of figures that belong together that each is at most the next. They may be of other groups
   * too.
   */
  public void inOrder(Figure... figures) {
    orders.add(List.of(figures));
  }

  /** Figures that belong together, each at most the next. */
  public List<List<Figure>> orders() {
    return Collections.unmodifiableList(orders);
  }

  /** A figure in points from 0 to 100. */
  public Figure points(String name, double standard, String reason) {
    return figure(name, standard, Unit.POINTS, 0, 100, reason);
  }

  /** A figure in days from 1 to 730. */
  public Figure days(String name, double standard, String reason) {
    return figure(name, standard, Unit.DAYS, 1, 730, reason);
  }

  public String key() {
    return key;
  }

  public String title() {
    return title;
  }

  /** The figures in the order in which they were written down. */
  public List<Figure> figures() {
    return Collections.unmodifiableList(figures);
  }
}
