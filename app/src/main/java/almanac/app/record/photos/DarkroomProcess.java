package almanac.app.record.photos;

import almanac.app.ground.refusals.BadEntry;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;

/**
 * Unpacks pictures in a process of its own, which can be ended: one after another as they come in,
 * until nothing comes any more.
 */
public final class DarkroomProcess {
  static final byte UNPACKED = 1;
  static final byte REFUSED = 0;

  private DarkroomProcess() {}

  /**
   * Reads a length and so many bytes, and answers with a mark and the picture or a sentence.
   *
   * @throws IOException if nobody listens any more
   */
  public static void main(String[] args) throws IOException {
    var in = new DataInputStream(new BufferedInputStream(System.in));
    var out =
        new DataOutputStream(
            new BufferedOutputStream(new FileOutputStream(FileDescriptor.out), 1 << 16));
    // Whatever libraries say is not for who listens.
    System.setOut(System.err);
    while (true) {
      byte[] bytes;
      try {
        bytes = in.readNBytes(in.readInt());
      } catch (EOFException over) {
        return;
      }
      answer(bytes, out);
      out.flush();
    }
  }

  private static void answer(byte[] bytes, DataOutputStream out) throws IOException {
    PictureFile picture;
    try {
      picture = new PictureFile(bytes);
    } catch (BadEntry refused) {
      out.writeByte(REFUSED);
      out.writeUTF(refused.sentence());
      return;
    }
    out.writeByte(UNPACKED);
    picture.send(out);
  }
}
