package almanac.app.ground.network;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as a code that a phone's camera reads. */
public final class ScanCode {
  /** Empty squares round it, without which cameras do not find it. */
  private static final int MARGIN = 2;

  private final BitMatrix squares;

  private ScanCode(BitMatrix squares) {
    this.squares = squares;
  }

  public static ScanCode of(String address) {
    try {
      return new ScanCode(
          new QRCodeWriter()
              .encode(address, BarcodeFormat.QR_CODE, 1, 1, Map.of(EncodeHintType.MARGIN, MARGIN)));
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
  }

  /** How many squares it is wide and high. */
  public int size() {
    return squares.getWidth();
  }

  /** Its dark squares as a path to be filled, one unit a square. */
  public String path() {
    var path = new StringBuilder();
    for (int y = 0; y < size(); y++) {
      for (int x = 0; x < size(); x++) {
        if (squares.get(x, y)) {
          path.append("M%d %dh1v1h-1z".formatted(x, y));
        }
      }
    }
    return path.toString();
  }

  /** For a terminal: light on dark, two rows of squares in a line. */
  public String text() {
    var text = new StringBuilder();
    for (int y = 0; y < size(); y += 2) {
      for (int x = 0; x < size(); x++) {
        boolean upper = !squares.get(x, y);
        boolean lower = y + 1 >= size() || !squares.get(x, y + 1);
        text.append(upper ? lower ? '█' : '▀' : lower ? '▄' : ' ');
      }
      text.append('\n');
    }
    return text.toString();
  }
}
