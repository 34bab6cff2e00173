package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.checks.diary.Trials;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.RootsInPot;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Which lines of a long journal still say something of today, and which are history. */
class SpeakingTest {
  private static final LocalDate CAME = LocalDate.of(2020, 4, 1);
  private static final Course SOAP = new Course(new UUID(8, 1), "soap", Foe.PESTS, 7, 3);

  private final Chronicle chronicle = new Chronicle();
  private final Act came = chronicle.on(CAME, potted(CAME, Component.BARK_MEDIUM));

  private static Happening.Potted potted(LocalDate on, Component medium) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(medium), Moisture.DRIES_BETWEEN));
  }

  private static Happening saw(LocalDate on, Leaves leaves) {
    return new Happening.Inspected(Inspection.on(on).with(Items.LEAVES, Items.LEAVES.saw(leaves)));
  }

  private static Happening sawRoots(LocalDate on) {
    return new Happening.Inspected(
        Inspection.on(on).with(Items.ROOTS_IN_POT, Items.ROOTS_IN_POT.saw(RootsInPot.FIRM)));
  }

  private static LocalDate day(int after) {
    return CAME.plusDays(after);
  }

  private Act on(int after, Happening happening) {
    return chronicle.on(day(after), happening);
  }

  private void speak(Act... acts) {
    assertThat(Speaking.of(chronicle.plant())).extracting(Line::act).containsExactly(acts);
  }

  @Test
  void ofEachThingThatWasSeenTheNewestLookSpeaks() {
    on(100, saw(day(100), Leaves.LIMP));
    on(200, saw(day(200), Leaves.WRINKLED));
    var moved = on(300, potted(day(300), Component.PUMICE));
    var newest = on(350, saw(day(350), Leaves.FIRM));
    speak(came, moved, newest);
  }

  @Test
  void aLookFromBeforeTheMoveSpeaksAsLongAsItIsTheNewestAtWhatTheMoveLeftAlone() {
    var above = on(100, saw(day(100), Leaves.LIMP));
    on(110, sawRoots(day(110)));
    var moved = on(300, potted(day(300), Component.PUMICE));
    var since = on(310, sawRoots(day(310)));
    speak(came, above, moved, since);
  }

  @Test
  void allThatWasSeenSinceTheMoveSpeaks() {
    var moved = on(300, potted(day(300), Component.PUMICE));
    var one = on(310, saw(day(310), Leaves.LIMP));
    var other = on(320, saw(day(320), Leaves.FIRM));
    speak(came, moved, one, other);
  }

  @Test
  void ofWhatStandsOnTheCardTheNewestSpeaks() {
    on(10, new Happening.Noted("by the window"));
    var noted = on(20, new Happening.Noted("under the lamp"));
    on(30, new Happening.Moved(new Stand(1, 1)));
    var stood = on(40, new Happening.Moved(new Stand(2, 7)));
    speak(came, noted, stood);
  }

  @Test
  void whatIsWrittenTogetherSpeaksTogether() {
    var both = on(10, new Happening.Noted("by the window"));
    chronicle.with(both, new Happening.Moved(new Stand(1, 1)));
    var noted = on(20, new Happening.Noted("under the lamp"));
    speak(came, both, both, noted);
  }

  @Test
  void anAnswerSpeaksUntilTheNextMoveAndOneAboutAnEyeForGood() {
    var stands = new CheckName(Purpose.STANDS, day(0));
    var eye = new CheckName(Purpose.EYE, day(0));
    on(14, new Happening.Checked(stands, CheckAnswer.AS_HOPED));
    var swelling = on(20, new Happening.Checked(eye, CheckAnswer.CANNOT_TELL));
    var moved = on(300, potted(day(300), Component.PUMICE));
    var now = on(314, new Happening.Checked(stands, CheckAnswer.NOT_AS_HOPED));
    var newest = on(320, new Happening.Checked(stands, CheckAnswer.AS_HOPED));
    speak(came, swelling, moved, now, newest);
  }

  @Test
  void aSmallJobSpeaksUntilItIsDoneAndACureForGood() {
    on(10, new Happening.Asked("a longer stake"));
    on(11, new Happening.Asked("a new tag"));
    var asked = on(12, new Happening.Asked("wash the leaves"));
    on(15, new Happening.Done("a longer stake"));
    var done = on(20, new Happening.Done("a new tag"));
    var wiped = on(30, new Happening.Asked("wipe the pot"));
    speak(came, asked, done, wiped);
  }

  @Test
  void aTreatmentSpeaksWhileItsCourseRunsAndSoDoesWhatWasSeenInIt() {
    var begun = on(10, new Happening.CourseBegun(SOAP, day(10)));
    on(5, saw(day(5), Leaves.FIRM));
    var first = on(10, new Happening.Treated(SOAP.uid(), day(10)));
    var seen = on(12, saw(day(12), Leaves.FIRM));
    var again = on(13, saw(day(13), Leaves.FIRM));
    var second = on(17, new Happening.Treated(SOAP.uid(), day(17)));
    var moved = on(18, potted(day(18), Component.PUMICE));
    speak(came, begun, first, seen, again, second, moved);
    var over = on(60, new Happening.CourseEnded(SOAP.uid()));
    speak(came, begun, again, second, moved, over);
  }

  private static Happening.TrialBegun begun(int uid, Tried tried) {
    var trial =
        new Trial(
            new UUID(4, uid),
            "tried",
            tried,
            Against.EARLIER,
            List.of(Items.LEAVES),
            day(10),
            day(300));
    return new Happening.TrialBegun(new OnTrial(trial, OnTrial.Side.TRIED, 0));
  }

  @Test
  void whileAPlaceIsTriedWhereItStoodBeforeSpeaks() {
    var stood = on(5, new Happening.Moved(new Stand(1, 1)));
    var medium = on(10, begun(1, Tried.MEDIUM));
    var moved = on(60, new Happening.Moved(new Stand(2, 1)));
    speak(came, medium, moved);
    var place = on(61, begun(2, Tried.PLACE));
    var left = on(90, new Happening.Moved(new Stand(3, 1)));
    speak(came, stood, medium, moved, place, left);
    var speaking = Plant.of(1, new UUID(1, 1), Journal.of(Speaking.of(chronicle.plant())));
    assertThat(Trials.of(speaking, Figures.standard())).hasSize(1);
    var over = on(100, new Happening.TrialEnded(new UUID(4, 2), ""));
    speak(came, medium, place, left, over);
  }

  @Test
  void whileItIsKeptApartAllThatWasSeenSinceSpeaks() {
    on(5, saw(day(5), Leaves.FIRM));
    var apart = on(10, new Happening.KeptApart(day(10)));
    var one = on(10, saw(day(10), Leaves.LIMP));
    var other = on(20, saw(day(20), Leaves.FIRM));
    var moved = on(21, potted(day(21), Component.PUMICE));
    speak(came, apart, one, other, moved);
    var in = on(40, new Happening.LetIn());
    speak(came, apart, other, moved, in);
  }

  @Test
  void aCorrectionTakesAlongWhatItCorrects() {
    var wrong = on(10, new Happening.Noted("by the widnow"));
    var half = chronicle.on(day(11), wrong, new Happening.Noted("by the windwo"));
    var right = chronicle.on(day(12), half, new Happening.Noted("by the window"));
    speak(came, wrong, half, right);
  }

  @Test
  void ofOneWhoseComingWasTakenBackEverythingSpeaks() {
    var noted = on(10, new Happening.Noted("by the window"));
    on(11, new Happening.Noted("under the lamp"));
    chronicle.on(day(12), came, new Happening.Withdrawn());
    assertThat(Speaking.of(chronicle.plant())).hasSize(4).extracting(Line::act).contains(noted);
  }
}
