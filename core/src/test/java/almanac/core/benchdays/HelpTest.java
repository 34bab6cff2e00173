package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is said of a job: why it lies where it does, or what would help. */
class HelpTest {
  private static final Figures FIGURES = Figures.standard();
  private static final BenchDay FIRST = new BenchDay(TODAY.plusDays(1), 60);
  private static final BenchDay SECOND = new BenchDay(TODAY.plusDays(8), 90);

  private final List<BenchDay> days = new ArrayList<>(List.of(FIRST, SECOND));
  private final List<JobSeat> seats = new ArrayList<>();

  private JobSeat on(BenchDay day, LittleJob job) {
    return on(day, job, false);
  }

  private JobSeat on(BenchDay day, LittleJob job, boolean pinned) {
    var seat = new JobSeat(job.made(seats.size()), day, pinned);
    seats.add(seat);
    return seat;
  }

  private JobSeat left(LittleJob job) {
    var seat = new JobSeat(job.made(seats.size()), null, false);
    seats.add(seat);
    return seat;
  }

  private Board board() {
    return new Board(days, seats, Weights.of(FIGURES, Set.of()));
  }

  private String why(JobSeat seat) {
    var counted = new Counted(Solving.counting(), board());
    return new Reasons(board(), counted, TODAY).placed(seat).why().toString();
  }

  private String help(JobSeat seat) {
    return new Help(board(), FIGURES).left(seat, TODAY).why().toString();
  }

  private BenchRule binding(JobSeat seat) {
    return new Help(board(), FIGURES).left(seat, TODAY).binding();
  }

  private static LittleJob within(int early, int best, int late) {
    var job = new LittleJob();
    job.window = new Window(TODAY.plusDays(early), TODAY.plusDays(best), TODAY.plusDays(late));
    return job;
  }

  @Test
  void aChosenDayIsSaidToBeChosen() {
    var chosen = new LittleJob();
    chosen.pinned = Optional.of(FIRST.on());
    var counted = new Counted(Solving.counting(), board());
    var placed = new Reasons(board(), counted, TODAY).placed(on(FIRST, chosen, true));
    assertThat(placed.pinned()).isTrue();
    assertThat(placed.binding()).isEmpty();
    assertThat(placed.why()).hasToString("You chose this day.");
  }

  @Test
  void theNearestDayIsSaidToBeSo() {
    assertThat(why(on(SECOND, new LittleJob())))
        .isEqualTo("The bench day nearest to its best, 2027-05-20.");
    assertThat(why(on(SECOND, within(0, 8, 20)))).isEqualTo("Its best day.");
    assertThat(why(on(FIRST, within(0, 0, 4))))
        .isEqualTo("The only bench day from 2027-05-15 to 2027-05-19.");
    days.add(0, new BenchDay(TODAY, 60));
    assertThat(why(on(days.get(0), within(0, 0, 9))))
        .isEqualTo("Any day is right; the sooner the better.");
    var hazard = within(0, 0, 1);
    hazard.hazard = true;
    assertThat(why(on(days.get(0), hazard))).isEqualTo("It cannot wait.");
  }

  @Test
  void whatKeepsItFromANearerDayIsNamed() {
    var long80 = within(0, 8, 20);
    long80.minutes = 80;
    on(SECOND, long80);
    assertThat(why(on(FIRST, within(0, 8, 20))))
        .isEqualTo("2027-05-23 would be nearer to its best, but lacks 30 minutes for it.");
    seats.clear();
    on(FIRST, little(within(0, 1, 1)));
    var flowers = within(0, 2, 20);
    flowers.flowersOver = Optional.of(TODAY.plusDays(7));
    assertThat(why(on(SECOND, flowers)))
        .isEqualTo("2027-05-16 would be nearer to its best, but it flowers until 2027-05-22.");
    seats.clear();
    on(FIRST, little(within(0, 1, 1)));
    var stays = within(0, 4, 20);
    stays.before = Optional.of(SECOND.on());
    assertThat(why(on(SECOND, stays)))
        .isEqualTo(
            "2027-05-16 would be nearer to its best, but too little to leave the day that it had.");
    seats.clear();
    on(FIRST, little(within(0, 1, 1)));
    var bark = within(0, 4, 20);
    bark.mix = "bark";
    on(SECOND, bark);
    assertThat(why(on(SECOND, bark)))
        .isEqualTo(
            "2027-05-16 would be nearer to its best, but its mix is made on this day anyway.");
    seats.clear();
    assertThat(why(on(FIRST, within(0, 8, 20))))
        .isEqualTo("2027-05-23 would be nearer to its best, but this day would stay empty.");
  }

  private static LittleJob little(LittleJob job) {
    job.minutes = 1;
    return job;
  }

  @Test
  void withoutABenchDayOneIsToBeNamed() {
    days.clear();
    var seat = left(new LittleJob());
    assertThat(help(seat)).isEqualTo("There is no bench day: name one.");
    assertThat(binding(seat)).isEqualTo(BenchRule.PLACED);
  }

  @Test
  void whatTakesLongerThanAnyDayIsSaidToDoSo() {
    var endless = new LittleJob();
    endless.minutes = 91;
    var seat = left(endless);
    assertThat(help(seat)).isEqualTo("It takes 91 minutes, more than any bench day has.");
    assertThat(binding(seat)).isEqualTo(BenchRule.ROOM);
    endless.minutes = 90;
    assertThat(help(left(endless))).startsWith("2027-05-23 lacks");
  }

  @Test
  void aDayOutsideItsWindowIsNotOffered() {
    var seat = left(within(2, 4, 6));
    assertThat(help(seat)).isEqualTo("No bench day lies from 2027-05-17 to 2027-05-21: name one.");
    assertThat(binding(seat)).isEqualTo(BenchRule.WINDOW);
    var since = within(2, 4, 6);
    since.window = new Window(TODAY.minusDays(9), TODAY.minusDays(2), TODAY);
    assertThat(help(left(since)))
        .isEqualTo("No bench day lies from 2027-05-15 to 2027-05-15: name one.");
    var hazard = within(0, 0, 0);
    hazard.hazard = true;
    assertThat(help(left(hazard)))
        .isEqualTo("It cannot wait for a bench day: take it in hand today.");
    var flowers = within(0, 4, 20);
    flowers.flowersOver = Optional.of(TODAY.plusDays(18));
    assertThat(help(left(flowers)))
        .isEqualTo("It flowers until 2027-06-02: name a day after that.");
    assertThat(binding(seats.get(seats.size() - 1))).isEqualTo(BenchRule.FLOWERS);
  }

  @Test
  void whatWouldMakeRoomIsNamed() {
    on(SECOND, within(0, 8, 20));
    on(SECOND, within(0, 8, 30));
    assertThat(help(left(within(0, 8, 9))))
        .isEqualTo(
            "2027-05-23 lacks 30 minutes for it: free them, or let Plant 0 wait until 2027-05-30,"
                + " which costs nothing.");
    days.add(new BenchDay(TODAY.plusDays(19), 60));
    assertThat(help(left(within(0, 8, 9))))
        .contains("or let Plant 0 wait until 2027-06-03, 11 days from its best.");
  }

  @Test
  void nothingIsLetWaitThatCannotOrIsAHazard() {
    var hazard = within(0, 8, 30);
    hazard.hazard = true;
    on(SECOND, hazard);
    on(SECOND, within(0, 8, 9));
    assertThat(help(left(within(0, 8, 9))))
        .isEqualTo("2027-05-23 lacks 30 minutes for it: free them.");
  }

  @Test
  void aDayThatIsOverFullSaysByHowMuch() {
    on(FIRST, new LittleJob());
    assertThat(new Help(board(), FIGURES).tooMuch(FIRST)).isEmpty();
    var twenty = new LittleJob();
    twenty.minutes = 20;
    on(FIRST, twenty);
    assertThat(new Help(board(), FIGURES).tooMuch(FIRST)).isEmpty();
    on(FIRST, twenty);
    assertThat(new Help(board(), FIGURES).tooMuch(FIRST).orElseThrow().toString())
        .isEqualTo(
            "20 minutes too many: free 20 minutes, or let Plant 0 wait until 2027-05-23, which"
                + " costs nothing.");
  }
}
