package almanac.app.errands.passports;

import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.StandingRoom;
import almanac.app.record.journal.NewAct;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.photos.Photos;
import almanac.core.history.Arrival;
import almanac.core.history.GoesAlong;
import almanac.core.history.Happening;
import almanac.core.history.Origin;
import almanac.core.kinds.Traits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a plant in with its history: as if it had been written down here, and came today. */
@Service
class TakingIn {
  private final Keeping keeping;
  private final StandingRoom room;
  private final Kinds kinds;
  private final Photos photos;

  TakingIn(Keeping keeping, StandingRoom room, Kinds kinds, Photos photos) {
    this.keeping = keeping;
    this.room = room;
    this.kinds = kinds;
    this.photos = photos;
  }

  /**
   * What was taken in.
   *
   * @param acts in their order, so that they can be taken back together
   */
  record Taken(long plant, List<UUID> acts) {}

  @Transactional
  public Taken take(PassportFile passport, long placeId, LocalDate today) {
    if (kinds.named(passport.kind().key()).isEmpty()) {
      kinds.keep(passport.kind());
    }
    var deeds = new ArrayList<>(passport.deeds());
    var first = deeds.stream().filter(GoesAlong.Deed::potted).findFirst().orElseThrow();
    deeds.remove(first);
    var begun =
        keeping.begin(
            first.on(),
            begins(passport, first, placeId, today),
            (id, act) -> act.noting(first.note()),
            today);
    long id = begun.plant().id();
    var past = new ArrayList<NewAct>();
    deeds.forEach(deed -> past.add(act(deed, id)));
    past.add(NewAct.of(today, id, new Happening.Came(origin(passport, today))));
    var acts = new ArrayList<UUID>();
    acts.add(begun.act().uid());
    acts.addAll(keeping.bringIn(past, today));
    pictures(passport, id, named(first, deeds, acts), today);
    return new Taken(id, acts);
  }

  private List<Happening> begins(
      PassportFile passport, GoesAlong.Deed first, long placeId, LocalDate today) {
    var begins = new ArrayList<>(first.happenings());
    begins.add(new Happening.Numbered(keeping.nextNumber(today)));
    begins.add(new Happening.Named(passport.names()));
    begins.add(new Happening.OfKind(passport.kind().key(), Traits.NONE));
    begins.add(new Happening.Moved(room.atTheEndOf(placeId)));
    return begins;
  }

  private static NewAct act(GoesAlong.Deed deed, long id) {
    return NewAct.of(deed.on(), id, deed.happenings().toArray(Happening[]::new))
        .noting(deed.note());
  }

  private static Origin origin(PassportFile passport, LocalDate today) {
    return new Origin(
        Optional.of(new Arrival(today, false)),
        "another collection, where it was %s".formatted(passport.number()),
        "",
        passport.parents());
  }

  /** By which names what was done is known here. */
  private static Map<UUID, UUID> named(
      GoesAlong.Deed first, List<GoesAlong.Deed> others, List<UUID> acts) {
    var named = new HashMap<UUID, UUID>();
    named.put(first.act(), acts.get(0));
    for (int i = 0; i < others.size(); i++) {
      named.put(others.get(i).act(), acts.get(i + 1));
    }
    return named;
  }

  private void pictures(PassportFile passport, long id, Map<UUID, UUID> named, LocalDate today) {
    for (var picture : passport.pictures()) {
      photos.keep(
          id,
          picture.file(),
          picture.caption(),
          picture.act() == null ? null : named.get(picture.act()),
          picture.takenOn(),
          today);
    }
  }
}
