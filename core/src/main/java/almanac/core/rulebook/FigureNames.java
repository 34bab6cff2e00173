package almanac.core.rulebook;

import almanac.core.figures.Figure;
import almanac.core.kinds.ReadyRule;
import almanac.core.medium.Component;
import almanac.core.medium.Moisture;
import almanac.core.roots.RootStage;
import almanac.core.words.Capital;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What each figure is called; its key is for machines. */
final class FigureNames {
  private static final String TOLD =
      """
      look.new-roots-growing = A look at new roots holds good, in growth
      look.new-roots-resting = A look at new roots holds good, at rest
      look.bloom = A look at spikes, buds and flowers holds good
      look.stability = A look at how it stands holds good
      look.medium = A test of the medium holds good
      look.roots-in-pot = A look at the roots in the pot holds good
      look.pests = A look for pests and rot holds good
      look.above = A look at leaves and bulbs holds good
      look.growth = A look at the newest growth holds good
      look.size = A measured growth holds good
      look.rim = A look at lead and rim holds good
      look.surface = A look at the surface holds good
      look.wetness = A finger in the medium holds good
      look.breakage = A look for what is broken holds good
      look.pot = A look at pot and tag holds good
      roots.nub-most = Longest nub
      roots.short-most = Longest short root
      roots.mid-most = Longest half-long root
      roots.long-first = Long enough for two-leaved cattleyas
      roots.speed-spread = How far a plant differs from its kind's root speed
      roots.overlap = Play between a stage by eye and a length by ruler
      roots.ruler-error = Error of the ruler
      roots.weather = Weather from week to week
      roots.slip = A slip of the ruler is so many times the usual error
      roots.fall = A root is another one when shorter by so many errors
      roots.bumps-days = From bumps to nubs
      roots.slowed = Roots are called slowed below
      roots.flush-spread = How far one flush differs from another
      roots.kind-spread = How far a kind differs from collector to collector
      roots.enough-plants = Plants of a kind that shift its root speed, from
      roots.few-dead = Dead roots that are called few, up to
      roots.mostly-dead = Roots are mostly dead from
      kind.root-speed = New roots grow, in most kinds
      kind.root-speed-slow = New roots grow, in slow kinds
      season.least-light = Light that costs a move nothing, from
      season.lamp-hours = Lamps of which nobody says more are on for
      season.no-light = Light that costs a move all it can, up to
      season.gate = What can wait, waits under so much light
      season.warm-from = Warm for a kind from so far into its range
      season.warm-and-growing = What short days cost where it is warm and tips grow
      season.tips-seen = Tips count as growing after they were seen
      season.dark = Roots are slowest with light up to
      season.dark-pace = Pace of roots in the dark
      season.cold-halves = Degrees of cold that halve the pace of roots
      season.slowest-pace = Slowest pace of living roots
      season.usual-winter = Warmth of the coldest month where nobody measured
      season.usual-summer = Warmth of the warmest month where nobody measured
      medium.q10 = How much faster a medium decays with ten degrees more
      medium.life-temperature = Warmth for which the lives are given
      medium.governing-share = Share from which the shortest life governs a mix
      medium.dead-roots-pace = How much faster a medium decays with dead roots in it
      medium.mature = A medium is mature from
      medium.due = A medium is due from
      medium.spent = A medium is spent from
      medium.piece.keeps-shape-most = A piece that keeps its shape: used at most
      medium.piece.dents-least = A piece that dents: used at least
      medium.piece.dents-most = A piece that dents: used at most
      medium.piece.tears-least = A piece that tears: used at least
      medium.piece.mush-least = A piece that is mush: used at least
      medium.smell.woody-most = A smell of wood or earth: used at most
      medium.smell.sour-least = A sour smell: used at least
      medium.smell.rotten-least = A rotten smell: used at least
      medium.water-stands-least = Water that stands: used at least
      medium.slow-to-dry = Slow to dry, as a multiple of before
      medium.dry-together = Readings of days to dry that go together lie within
      medium.dry-apart = Readings of days to dry lie apart
      medium.dry-season = Readings of days to dry are of one season within
      medium.slow-to-dry-least = Slow to dry: used at least
      medium.ph-drop = A drop of the soak water that counts
      medium.ph-drop-least = Such a drop: used at least
      medium.ph-drop-large = A large drop of the soak water
      medium.ph-drop-large-least = A large drop: used at least
      need.medium-due = Medium due
      need.medium-spent = Medium spent
      need.medium-gone = Medium long past its life
      need.medium-gone-at = Long past its life is from
      need.roots-mixed = Some roots in the pot soft
      need.wobble = Wobbles a little
      need.loose = Sits loose
      need.leaning = Leans or tips out
      need.sour = Sour smell
      need.lead-over-rim = Lead beyond the rim
      need.rim-half-season = Less than half a season to the rim
      need.rim-season = Less than a season to the rim
      need.jammed = New growth jammed against the rim
      need.roots-in-air = New roots drying in the air
      need.risen = Plant risen above the medium
      need.risen-high = Plant risen far above the medium
      need.risen-mm = Risen is from
      need.risen-high-mm = Far risen is from
      need.smaller = Newest growth smaller
      need.smaller-ratio = Smaller is at most, of the growth before
      need.smaller-twice = Two growths in a row smaller
      need.dry-in-wet = Wrinkled although the medium is wet
      need.water-stands = Water stands on the surface
      need.salts = Salt crust with dead tips, or too much salt
      need.slow-to-dry = Much slower to dry than at first
      need.fast-to-dry = Much faster to dry than at first
      need.fast-ratio = Much faster is under, of its own beginning
      need.a-little-slow-or-fast = A little slow or fast is from
      need.no-bubbles = No bubbles when flooded
      need.pot-far-too-large = Pot far too large
      need.pot-broken = Pot brittle or broken
      need.wanted-apart = Several plants in one pot, wanted apart
      need.out-of-holes = Roots out of the drainage holes
      need.crowded = Crowded roots of a kind that lives on trees
      need.crowded-terrestrial = Crowded roots of a kind that lives on the ground
      need.weeds = Weeds or moss in the medium
      need.start-of-growth = A deciduous kind as its growth starts
      need.moved-this-year-days = Moved for this growth is within
      need.doubtful-medium = A doubtful medium, by the approach of a fresh start
      need.unsuited = A medium that does not suit it
      need.thirsty-days = Too fast for a thirsty kind: dry within
      need.pure-moss = Pure moss is from a share of
      need.sour-soak = Soak water is corrected under
      need.most-salts = Too much salt runs out over
      need.nears-the-rim = Lead nearing the rim, by the approach of undisturbed roots
      need.chewed = Root tips chewed
      need.wanted-divided = To be divided, sound and at the nubs
      need.came-in-an-unknown-pot = New, in an unknown pot, with growing roots
      need.most = All needs together, at most
      rest.going = Leaves yellow, before the shortest day
      rest.at-rest = At rest, before the shortest day
      rest.wakes-dry = Kinds that rest leafless wake, after the shortest day
      rest.wakes-almost-dry = Kinds that rest almost dry wake, after the shortest day
      rest.wakes-cool = Kinds that rest cool wake, after the shortest day
      rest.spread = How far waking may come early or late
      rest.ripens = A rest once the bulb is ripe lasts
      rest.stirs = What was not looked at grows by then
      rest.look = While it wakes it is looked at every
      moments.horizon = How far ahead the moments are laid out
      moments.alike = Moments that are alike
      moments.little-need = A need that is enough before a long gap
      moments.unsure = What a window counts less whose roots do not show yet
      moments.a-month = What a month of waiting counts
      moments.any-time = As ready as a kind needs to be that takes a move at any time
      moments.roots-at = How far a growth is when it roots
      moments.life-spread = How much longer or shorter a medium may last
      moments.flush-spread = How far the next roots may come early or late
      moments.flush-unseen = The same where nobody saw the growth
      moments.pot-full = A pot in which nothing decays is full
      moments.short-wait = So short a wait for a good moment goes beyond the deadline
      moments.grown.none = Growth behind it: none alive
      moments.grown.eye = Growth behind it: eye swelling
      moments.grown.starting = Growth behind it: starting
      moments.grown.half-grown = Growth behind it: half grown
      moments.grown.nearly-mature = Growth behind it: nearly mature
      moments.grown.mature = Growth behind it: mature
      moments.grown.resting = Growth behind it: resting
      moments.room.some = Room seen by eye: room
      moments.room.under-a-season = Room seen by eye: under a season
      moments.room.under-half-a-season = Room seen by eye: under half a season
      moments.room.over = Room seen by eye: over the rim
      moments.room.jammed = Room seen by eye: jammed
      readiness.start-of-growth.eye = A deciduous kind: eye swelling or growth starting
      readiness.start-of-growth.half-grown = A deciduous kind: growth half grown
      readiness.start-of-growth.mature = A deciduous kind: growth mature
      readiness.start-of-growth.resting = A deciduous kind: at rest
      readiness.long-first.reached = A two-leaved cattleya with roots long enough
      readiness.out-of-season = Out of season
      readiness.buds = In bud
      readiness.spike-or-open = With a spike or in flower
      readiness.fading = Flowers fading
      readiness.moved-lately = Moved lately
      readiness.moved-lately-days = Lately is within
      readiness.moved = Moved not long ago
      readiness.moved-days = Not long ago is within
      readiness.intact-move = With the ball whole, at least
      readiness.fresh-start-lack = What is lacking counts, by the approach of a fresh start
      readiness.dehydrated = Badly dried out
      readiness.lead-snapped = Lead snapped off
      readiness.lead-snapped-first = First look for an eye after a lead snapped off
      readiness.lead-snapped-again = Second look for an eye after a lead snapped off
      readiness.rootless = Came rootless and still making roots
      readiness.rootless-days = A rootless plant makes roots for
      readiness.intact-bloom = What flowers cost with the ball whole
      readiness.forecast-days = A forecast of roots speaks for
      risk.intact = Tips broken with the ball whole
      risk.part = Tips broken by a part repot
      risk.loose = Tips broken out of soaked moss or loose stones
      risk.bark = Tips broken out of bark
      risk.clinging = More where roots cling to the pot
      risk.pot-cut = Less of that where the pot is cut
      risk.soaked = Less of that where it is soaked
      risk.crowded = More in a jammed or crowded ball
      risk.nub = Weight of that at the nubs
      risk.short = Weight of that at short and half-long roots
      risk.long = Weight of that at long roots
      risk.hardly = Hardly any tip is under
      verdict.leave-below = Left under a need of
      verdict.must-from = A move is needed from
      verdict.cost-what-may-from = A move at any cost from
      verdict.good-moment = A good moment from a readiness of
      verdict.ready-enough = Ready enough from
      verdict.window-soon = A window soon is within
      verdict.due-soon = A medium due soon is within
      verdict.flowers-over.spike = From spike to the last flower
      verdict.flowers-over.buds = From buds to the last flower
      verdict.flowers-over.open = From open flowers to the last
      verdict.flowers-over.fading = From fading to the last flower
      verdict.tips-a-year = One-stemmed kinds make new tips in a year
      verdict.next-look.growing = Next look at a quiet plant, in growth
      verdict.next-look.resting = Next look at a quiet plant, at rest
      verdict.next-look.first = First look at a plant
      verdict.next-look.after-finding = Next look after pests, rot or a cut
      verdict.next-look.undecided = Next look where one look decides
      verdict.next-look.ahead = Look so long before a window opens
      verdict.next-look.wide = A wide forecast is over
      verdict.repot-within = Move within, once decided
      verdict.downhill.looks = Going downhill is read from the looks of
      verdict.downhill.signs = Going downhill from so many signs together
      verdict.downhill.smaller = A growth is smaller than the former by
      verdict.stands = What was seen is acted on within
      verdict.new-days = A plant is new for
      verdict.lift-within = Lift and look within
      verdict.next-look.window = A check may be early or late by a share of
      pot.taper = How much narrower a pot is at its foot
      pot.settling = How much a fresh mix settles
      place.set-to = A plant is shifted in its pot from
      place.margin = Medium between the outermost growth and the rim
      place.least-months = Room in a new pot, at least
      place.wanted-months = Room in a new pot, wanted
      place.organic-most-months = Room in a medium that decays, at most
      place.wider-most = A new pot is wider than the old one by at most
      place.thinnest-growth = A growth is across, at least
      place.stoutest-growth = A growth is across, at most
      place.own-growth-years = A plant's own pace counts after its leads were seen for
      place.squat = A pot is squat up to a depth, of its width, of
      place.tall = A pot is tall from a depth, of its width, of
      fill.bare-roots = What clean roots take of their old pot
      fill.half-ball = What a ball opened on one side takes of its old pot
      fill.bottom-layer = Layer under the mix
      fill.top-layer = Layer over the mix
      fill.cup = A cup
      fill.jug = A jug
      hold.soak-minutes = A soak lasts
      hold.as-usual-from = Fed as usual with soak water from
      hold.raised-from = Feed made up a little with soak water from
      hold.feed-raised = Feed made up to
      hold.feed-high = Feed of a sour pot made up to
      hold.feed-most = Never feed above
      hold.again-days = Soak again after
      hold.again-sour-days = Soak a sour pot again after
      hold.still-falls = Soak water still falls by
      hold.soak-slack-days = A soak may be late by
      hold.apart-first-day = Kept apart: first look
      hold.apart-second-day = Kept apart: second look
      hold.apart-third-day = Kept apart: third look
      hold.apart-days = Kept apart for
      hold.apart-slack-days = A look at it may be late by
      hold.apart-step-days = Kept apart longer in steps of
      hold.apart-clean-looks = Clean looks in a row that end it
      check.water-early = After a division: first watering, at the soonest
      check.water-late = After a division: first watering, at the latest
      check.wound-first = Rot cut out: first look
      check.wound-second = Rot cut out: second look
      check.wound-last = Rot cut out: last look
      check.wound-slack = A look at a wound may be late by
      check.eye-slack = A look for an eye may be late by
      check.put-off-most = A check is put off for at most
      treat.look-step-days = Under treatment: days from look to look
      treat.clean-looks = Clean looks in a row that end a course
      treat.slack-days = A look or a treatment may be late by
      treat.neighbours = Neighbours looked at to either side
      treat.begun-anew-too-often = Begun anew so often: think of something else
      ahead.range = So many years of a hundred lie within what is foretold
      ahead.shared = How much of what comes early or late is so for all plants
      ahead.suffices = In so many years of a hundred the shopping suffices
      ahead.overflows = A week overflows if something is left undone with a chance from
      year.this-week = Windows and bench days are news when they are within
      year.one-bloom-days = Looks in flower are of one bloom, up to days between them
      day.hazard-days = A hazard waits for a bench day, at most
      day.overdue = Each week late, squared, weighs
      day.late = A day that a late job waits costs besides
      day.idle = A bench day left empty while a job could be done on it costs
      day.off-best = A day off the best one costs
      day.mix-again = Mixing the same again on another day costs
      day.moved = Another day than in the last plan costs
      day.little = A move to another day costs nothing up to
      round.look-minutes = A look on a round takes
      round.most = Looks on one walk, at most
      round.most-overdue = Missed checks on one round, at most
      check.stands-early = Does it stand? from
      check.stands-late = Does it stand? until
      check.root-tips-early = New root tips? from
      check.root-tips-late = New root tips? until
      check.root-tips-in-flower-early = New root tips, in flower? from
      check.root-tips-in-flower-late = New root tips, in flower? until
      check.anchored-early = Has it taken hold? from
      check.anchored-late = Has it taken hold? until
      check.medium-early = The medium's first verdict, from
      check.medium-late = The medium's first verdict, until
      check.year-early = The year's judgement, from
      check.year-late = The year's judgement, until
      check.own-slack = A look of your own may be early or late by
      check.again-not-as-hoped = Look again when it was not as hoped
      check.again-cannot-tell = Look again when nobody could tell
      check.news = What went well is news for
      check.soon = A check is soon within
      job.soak = Soak before it is lifted
      job.soak-clinging = Soak where roots grip the wall
      job.dry-days = Kept dry before it is lifted out of bark
      job.move-up-minutes = Moving up takes
      job.part-repot-minutes = A part repot takes
      job.loose-repot-minutes = A full repot from moss or what pours off takes
      job.bark-repot-minutes = A full repot from bark takes
      job.divide-minutes = Dividing takes besides
      job.many-roots-minutes = Long, circling or clinging roots take besides
      job.hard-pot-minutes = A hard pot to break takes besides
      job.own-times-weight = The own pace counts half after so many jobs
      job.left-open = A job asks for its day, begun so many days ago or more
      job.lifts-that-move = Of those that are lifted in doubt so many are moved
      job.wounds-dry = Wounds dry before the first watering
      tally.light-below = A light loss of live roots, below
      tally.moderate-most = A moderate loss of live roots, up to
      tally.heavy-most = A heavy loss of live roots, up to
      tally.few-roots = So few live roots are a severe loss
      tally.much-dead = The pot follows the roots where more are dead than
      tally.feed-after-light = No feed after a light loss
      tally.feed-after-moderate = No feed after a moderate loss
      tally.feed-after-heavy = No feed after a heavy loss
      tally.nursed-every = A nursed plant is looked at every
      tally.nursed-for = A plant is nursed for
      taught.seen-from = What is seen tells of the move from
      taught.wrinkles = Leaves may wrinkle after a move for
      taught.holds-from = Who stands firm holds by its own roots from
      taught.slow-from = Who has not taken hold by then is slow
      taught.by = A move is counted by what came of it within
      taught.of-the-move = What is seen belongs to the move for
      taught.stage-holds = The stage of the roots at a move is one seen within
      taught.stood-from = A ball that stayed whole stands from
      learning.weight = What is assumed weighs as much as
      learning.few = No advice from fewer moves or pots than
      learning.perhaps = A word, and no conclusion, at a chance of
      learning.clear = A figure is called wrong where so much speaks for it
      learning.at-bumps = Take hold in time, moved at the first bumps
      learning.at-nubs = Take hold in time, moved at the nubs
      learning.at-tips = Take hold in time, moved with short or half-long roots
      learning.at-long = Take hold in time, moved with long roots
      learning.in-the-medium = Take hold in time, moved with all roots in the medium
      learning.without = Take hold in time, moved without new roots
      learning.in-flower = Take hold in time, moved in flower
      learning.any = Take hold in time, of all moves
      learning.whole = Take hold in time, moved up whole
      learning.divided = Take hold in time, divided
      learning.cut-clean = Take hold in time, cut clean
      learning.asked-for = Take hold in time, moved when the slip asked for it
      learning.against = Take hold in time, moved against the slip
      learning.hopeless = Take hold in time, kept where the slip would let it go
      learning.foretold-days = Forecasts count that came to be known in the last
      learning.foretold-from = Foretold is what comes after
      learning.foretold-to = New roots count as foretold for
      learning.piece-spread = How far a pot differs from others of its mix
      learning.life-spread = How far a collection differs from an assumed life
      trials.honest-from = A trial may be judged after
      trials.turn = The season changes when days pass
      trials.look-every = Its plants are looked at every
      trials.look-slack = So many days early or late will do
      trials.of-the-start = A move so near its first day belongs to it
      trials.read-to = What is measured is good to so much of it
      trainer.first = A misjudged case comes back after
      trainer.second = Right then, it comes back after
      trainer.third = Right again, it comes back after
      trainer.fourth = Right once more, it comes back a last time after
      trainer.knows = A look that was taken so much later answers for the day
      trainer.past = Looks make cases for so long before a move
      trainer.sitting = Cases in one sitting
      sums.peroxide-most = Strongest peroxide on a plant
      sums.peroxide-sold = Strongest peroxide that is thinned for a plant
      tag.checked-within = A tag counts as checked for
      """;

  private static final Map<String, String> NAMES = named();

  private FigureNames() {}

  /**
   * The name of a figure.
   *
   * @throws IllegalStateException if it has none
   */
  static String of(Figure figure) {
    var name = NAMES.get(figure.key());
    if (name == null) {
      throw new IllegalStateException("A figure without a name: " + figure.key());
    }
    return name;
  }

  /** The keys of those that are named by hand. */
  static List<String> told() {
    return TOLD.lines().map(line -> line.split(" = ", 2)[0]).toList();
  }

  private static Map<String, String> named() {
    var names = new LinkedHashMap<String, String>();
    TOLD.lines().map(line -> line.split(" = ", 2)).forEach(pair -> names.put(pair[0], pair[1]));
    for (var rule : ReadyRule.values()) {
      for (var stage : RootStage.values()) {
        names.putIfAbsent(
            "readiness.%s.%s".formatted(key(rule), key(stage)),
            "Takes a move %s; newest roots: %s".formatted(rule.words(), stage.words()));
      }
    }
    Arrays.stream(Component.values())
        .forEach(each -> names.put("medium.life." + key(each), Capital.of(each.words())));
    Arrays.stream(Moisture.values())
        .forEach(each -> names.put("medium.moisture." + key(each), Capital.of(each.words())));
    return names;
  }

  private static String key(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
