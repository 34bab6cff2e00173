package almanac.core.history;

import almanac.core.trials.OnTrial;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What has to happen to a plant so that its card reads otherwise. */
public final class Changes {
  private final Card was;
  private final Card is;
  private final List<Happening> happenings = new ArrayList<>();

  private Changes(Card was, Card is) {
    this.was = was;
    this.is = is;
  }

  /** The happenings that lead from one card to another; none if they read the same. */
  public static List<Happening> between(Card was, Card is) {
    var changes = new Changes(was, is);
    changes.all();
    return List.copyOf(changes.happenings);
  }

  private void all() {
    changed(card -> card.who().number(), Happening.Numbered::new);
    changed(card -> card.who().names(), Happening.Named::new);
    var kind = is.who().kind();
    var own = is.who().own();
    if (!was.who().kind().equals(kind) || !was.who().own().equals(own)) {
      happenings.add(new Happening.OfKind(kind, own));
    }
    changed(Card::stand, Happening.Moved::new);
    changed(Card::origin, Happening.Came::new);
    changed(Card::wish, Happening.Wanted::new);
    changed(Card::notes, Happening.Noted::new);
    changed(Card::fate, Happening.Became::new);
    changed(Card::mother, Happening.PartedFrom::new);
    inHand(was.inHand(), is.inHand());
  }

  private void inHand(Card.InHand was, Card.InHand is) {
    changed(
        card -> card.inHand().asideOn(),
        on -> on == null ? new Happening.TakenBack() : new Happening.SetAside(on));
    changed(
        card -> card.inHand().apartSince(),
        since -> since == null ? new Happening.LetIn() : new Happening.KeptApart(since));
    changed(
        card -> card.inHand().heldSince(),
        since -> since == null ? new Happening.Freed() : new Happening.Held(since));
    ended(was.treatment(), is.treatment());
    if (is.treatment() != null && !is.treatment().equals(was.treatment())) {
      happenings.add(new Happening.CourseBegun(is.treatment().course(), is.treatment().since()));
    }
    ended(was.beside(), is.beside());
    if (is.beside() != null
        && !(is.beside().equals(was.beside()) && Objects.equals(is.treatment(), was.treatment()))) {
      happenings.add(new Happening.Beside(is.beside().course(), is.beside().since()));
    }
    was.tasks().stream()
        .filter(task -> !is.tasks().contains(task))
        .forEach(task -> happenings.add(new Happening.Done(task)));
    is.tasks().stream()
        .filter(task -> !was.tasks().contains(task))
        .forEach(task -> happenings.add(new Happening.Asked(task)));
    booked(was.bookings(), is.bookings());
    tried(was.trials(), is.trials());
  }

  private void tried(List<OnTrial> were, List<OnTrial> are) {
    were.stream()
        .map(each -> each.trial().uid())
        .filter(uid -> are.stream().noneMatch(each -> each.trial().uid().equals(uid)))
        .forEach(uid -> happenings.add(new Happening.TrialEnded(uid, "")));
    are.stream()
        .filter(each -> !were.contains(each))
        .forEach(each -> happenings.add(new Happening.TrialBegun(each)));
  }

  private void booked(List<Booking> were, List<Booking> are) {
    were.stream()
        .map(Booking::uid)
        .filter(uid -> are.stream().noneMatch(each -> each.uid().equals(uid)))
        .forEach(uid -> happenings.add(new Happening.Unbooked(uid)));
    are.stream()
        .filter(booking -> !were.contains(booking))
        .forEach(booking -> happenings.add(new Happening.Booked(booking)));
  }

  private void ended(@Nullable Treatment ran, @Nullable Treatment runs) {
    if (ran != null && runs == null) {
      happenings.add(new Happening.CourseEnded(ran.course().uid()));
    }
  }

  private <T> void changed(
      Function<Card, @Nullable T> what, Function<@Nullable T, Happening> happening) {
    var now = what.apply(is);
    if (!Objects.equals(what.apply(was), now)) {
      happenings.add(happening.apply(now));
    }
  }
}
