package almanac.core.history;

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
    replaced(was.tasks(), is.tasks(), task -> task, Happening.Done::new, Happening.Asked::new);
    replaced(
        was.bookings(),
        is.bookings(),
        Booking::uid,
        Happening.Unbooked::new,
        Happening.Booked::new);
    replaced(
        was.trials(),
        is.trials(),
        its -> its.trial().uid(),
        uid -> new Happening.TrialEnded(uid, ""),
        Happening.TrialBegun::new);
  }

  /** What is there no more ends by its name; what is new, or reads otherwise, is told anew. */
  private <T, K> void replaced(
      List<T> were,
      List<T> are,
      Function<T, K> name,
      Function<K, Happening> ended,
      Function<T, Happening> told) {
    were.stream()
        .map(name)
        .filter(each -> are.stream().map(name).noneMatch(each::equals))
        .forEach(each -> happenings.add(ended.apply(each)));
    are.stream()
        .filter(each -> !were.contains(each))
        .forEach(each -> happenings.add(told.apply(each)));
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
