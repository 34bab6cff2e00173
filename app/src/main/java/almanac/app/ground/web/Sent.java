package almanac.app.ground.web;

import static almanac.app.db.Tables.SENT;

import almanac.app.ground.refusals.Conflict;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What was written under which key, and what was answered. */
@Repository
class Sent {
  /** So many answers are kept whole; who asks again does so at once. */
  private static final long KEPT_ANSWERS = 200;

  private static final int LARGEST_ANSWER = 1_000_000;

  private final DSLContext db;

  Sent(DSLContext db) {
    this.db = db;
  }

  /** What was answered. */
  record Answer(int status, String type, byte[] body) {}

  /**
   * What was answered to a request that was written under this key before.
   *
   * @throws Conflict if the key was used for another request, or so long ago that the answer is
   *     gone
   */
  Optional<Answer> answer(String key, String request) {
    var row = db.fetchOne(SENT, SENT.SENT_KEY.eq(key));
    if (row == null) {
      return Optional.empty();
    }
    if (!row.getRequest().isEmpty() && !row.getRequest().equals(request)) {
      throw new Conflict(
          "Under this key something else was saved before. Load the page again to see what holds.");
    }
    if (row.getAnswer() == null) {
      throw new Conflict("This was saved before. Load the page again to see it.");
    }
    return Optional.of(new Answer(row.getStatus(), row.getAnswerType(), unpacked(row.getAnswer())));
  }

  /** Keeps what is answered, in the transaction that writes it. */
  void keep(String key, String request, Answer answer) {
    var packed = packed(answer.body());
    var turn =
        db.insertInto(SENT)
            .set(SENT.SENT_KEY, key)
            .set(SENT.REQUEST, request)
            .set(SENT.STATUS, (short) answer.status())
            .set(SENT.ANSWER_TYPE, answer.type())
            .set(SENT.ANSWER, packed.length > LARGEST_ANSWER ? null : packed)
            .returningResult(SENT.TURN)
            .fetchSingle()
            .value1();
    db.update(SENT)
        .setNull(SENT.ANSWER)
        .where(SENT.TURN.between(turn - 2 * KEPT_ANSWERS, turn - KEPT_ANSWERS))
        .and(SENT.ANSWER.isNotNull())
        .execute();
  }

  private static byte[] packed(byte[] body) {
    var bytes = new ByteArrayOutputStream();
    try (var zip = new GZIPOutputStream(bytes)) {
      zip.write(body);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  private static byte[] unpacked(byte[] packed) {
    try (var zip = new GZIPInputStream(new ByteArrayInputStream(packed))) {
      return zip.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
