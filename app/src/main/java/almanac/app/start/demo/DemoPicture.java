package almanac.app.start.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/**
 * A drawn stand-in for a photograph of a plant in its pot, to scale: the rim is {@value #RIM_MM} mm
 * across and the new roots are as long as they are said to be.
 */
final class DemoPicture {
  /** Diameter of the rim, mm. */
  static final double RIM_MM = 120;

  private static final int WIDTH = 1200;
  private static final int HEIGHT = 900;

  /** Drawn smaller than it is measured out: large enough to be measured on, and quick. */
  private static final double SCALE = 0.8;

  private static final double RIM_PX = 540;
  private static final double PX_A_MM = RIM_PX / RIM_MM;
  private static final double MIDDLE = WIDTH / 2.0;
  private static final double RIM_Y = 600;
  private static final int PIECES = 420;
  private static final int LEAVES = 7;

  private final Random random;
  private final Graphics2D pen;
  private final BufferedImage picture =
      new BufferedImage((int) (WIDTH * SCALE), (int) (HEIGHT * SCALE), BufferedImage.TYPE_INT_RGB);

  private DemoPicture(long seed) {
    random = new Random(seed);
    pen = picture.createGraphics();
    pen.scale(SCALE, SCALE);
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
  }

  /**
   * @param seed the same plant looks the same
   * @param rootMm length of its two new roots, mm; 0 for none
   * @param flowers how many are open
   * @return a JPEG
   */
  static byte[] draw(long seed, double rootMm, int flowers) {
    var drawn = new DemoPicture(seed);
    drawn.window();
    drawn.leaves();
    drawn.flowers(flowers);
    drawn.pot();
    drawn.medium();
    drawn.roots(rootMm);
    drawn.pen.dispose();
    var out = new ByteArrayOutputStream();
    try {
      ImageIO.write(drawn.picture, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private void window() {
    pen.setPaint(new GradientPaint(0, 0, new Color(0xdfe6e4), 0, HEIGHT, new Color(0xb9b2a4)));
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.setPaint(new Color(0x9c8d78));
    pen.fillRect(0, 760, WIDTH, HEIGHT - 760);
    pen.setPaint(new Color(0, 0, 0, 40));
    pen.fill(new Ellipse2D.Double(MIDDLE - 300, 805, 640, 70));
  }

  private void leaves() {
    for (int i = 0; i < LEAVES; i++) {
      double lean = (i - (LEAVES - 1) / 2.0) / LEAVES + (random.nextDouble() - 0.5) * 0.1;
      double length = 380 + random.nextDouble() * 120;
      double tipX = MIDDLE + lean * 900;
      double tipY = RIM_Y - length * (1 - Math.abs(lean) * 0.7);
      double bend = tipX - MIDDLE;
      var leaf = new GeneralPath();
      leaf.moveTo(MIDDLE - 22, RIM_Y);
      leaf.quadTo(MIDDLE - 46 + bend * 0.3, RIM_Y - length * 0.8, tipX, tipY);
      leaf.quadTo(MIDDLE + 46 + bend * 0.5, RIM_Y - length * 0.55, MIDDLE + 22, RIM_Y);
      leaf.closePath();
      int green = 110 + random.nextInt(40);
      pen.setPaint(
          new GradientPaint(
              (float) MIDDLE,
              (float) RIM_Y,
              new Color(60, green - 25, 48),
              (float) tipX,
              (float) tipY,
              new Color(96, green + 20, 66)));
      pen.fill(leaf);
    }
  }

  private void flowers(int open) {
    for (int i = 0; i < open; i++) {
      double x = MIDDLE + 150 + i * 66;
      double y = 190 + i * 34 + random.nextInt(20);
      stroke(new Color(0x5f7a3f), 7, path(MIDDLE, RIM_Y, MIDDLE + 40, 300, x, y));
      for (int petal = 0; petal < 5; petal++) {
        double angle = Math.toRadians(90 + petal * 72);
        pen.setPaint(new Color(0xb06a86));
        double px = x + 26 * Math.cos(angle);
        double py = y - 26 * Math.sin(angle);
        pen.fill(new Ellipse2D.Double(px - 22, py - 22, 44, 44));
      }
      pen.setPaint(new Color(0xf0d9a0));
      pen.fill(new Ellipse2D.Double(x - 11, y - 11, 22, 22));
    }
  }

  private void pot() {
    var pot = new GeneralPath();
    pot.moveTo(MIDDLE - RIM_PX / 2, RIM_Y);
    pot.lineTo(MIDDLE + RIM_PX / 2, RIM_Y);
    pot.lineTo(MIDDLE + RIM_PX / 2 - 70, 850);
    pot.lineTo(MIDDLE - RIM_PX / 2 + 70, 850);
    pot.closePath();
    pen.setPaint(
        new GradientPaint(
            (float) (MIDDLE - RIM_PX / 2),
            0,
            new Color(0xc58a63),
            (float) (MIDDLE + RIM_PX / 2),
            0,
            new Color(0x8d5c40)));
    pen.fill(pot);
    pen.setPaint(new Color(0x7a4d35));
    pen.fill(new Ellipse2D.Double(MIDDLE - RIM_PX / 2, RIM_Y - 62, RIM_PX, 124));
  }

  private void medium() {
    for (int i = 0; i < PIECES; i++) {
      double angle = random.nextDouble() * 2 * Math.PI;
      double far = Math.sqrt(random.nextDouble());
      double x = MIDDLE + Math.cos(angle) * far * (RIM_PX / 2 - 22);
      double y = RIM_Y + Math.sin(angle) * far * 46;
      int brown = 60 + random.nextInt(70);
      pen.setPaint(new Color(brown + 40, brown + 8, brown - 20));
      pen.fill(new Ellipse2D.Double(x - 14, y - 9, 28 + random.nextInt(10), 18));
    }
  }

  /** Along the surface, so that their length can be measured by the rim. */
  private void roots(double rootMm) {
    if (rootMm <= 0) {
      return;
    }
    double length = rootMm * PX_A_MM;
    root(MIDDLE - 30, RIM_Y - 4, -length);
    root(MIDDLE + 34, RIM_Y + 12, length * 0.8);
  }

  private void root(double x, double y, double along) {
    double tip = x + along;
    double tipLength = Math.min(26, Math.abs(along) * 0.4) * Math.signum(along);
    stroke(new Color(0xcfd6c4), 17, path(x, y, x + along / 2, y - 6, tip, y));
    stroke(new Color(0x86a04e), 17, path(tip - tipLength, y, tip - tipLength / 2, y, tip, y));
  }

  private static Path2D path(double x, double y, double byX, double byY, double toX, double toY) {
    var path = new Path2D.Double();
    path.moveTo(x, y);
    path.quadTo(byX, byY, toX, toY);
    return path;
  }

  private void stroke(Color color, float width, Path2D path) {
    pen.setPaint(color);
    pen.setStroke(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    pen.draw(path);
  }
}
