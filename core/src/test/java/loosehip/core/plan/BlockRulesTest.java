package loosehip.core.plan;

import static loosehip.core.RandomGolfers.START;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.RandomGolfers;
import loosehip.core.body.Leg;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.Seen;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import org.junit.jupiter.api.Assumptions;

/** The rules of the programme and of safety, held against golfers made up at random. */
class BlockRulesTest {
  private static final ItemId FRONT_FIRST = ItemId.of("half-kneel-front-hip");
  private static final ItemId FRONT_STANDING = ItemId.of("standing-front-hip");

  /** Everything a law looks at. */
  private record Made(CaseFile golfer, Judgement judgement, Block block, Wishes wishes) {
    /** Every law begins with the same seeds, so the same golfers come by again. */
    private static final Map<Integer, Made> ALREADY = new ConcurrentHashMap<>();

    static Made of(Chance chance) {
      return ALREADY.computeIfAbsent(chance.whole(0, 100_000_000), Made::of);
    }

    private static Made of(int seed) {
      CaseFile golfer = RandomGolfers.of(seed);
      Judgement judgement = Judgement.of(golfer);
      Wishes wishes = golfer.wishes().orElseThrow();
      return new Made(
          golfer, judgement, Planner.plan(judgement.request(wishes, PlanEdits.NONE)), wishes);
    }

    List<Need> trainable() {
      return judgement.needs().stream()
          .filter(n -> Set.of(Band.SHORT, Band.CLOSE).contains(golfer.body().band(n.limit())))
          .toList();
    }
  }

  @Law(tries = 400)
  void everySessionKeepsTheRules(Chance chance) {
    Made made = Made.of(chance);
    assertThat(made.block().weeks()).hasSize(made.wishes().weeks());
    Set<List<Object>> looked = new HashSet<>();
    for (Block.Week week : made.block().weeks()) {
      assertThat(week.sessions()).hasSizeLessThanOrEqualTo(made.wishes().daysPerWeek());
      for (Session session : week.sessions()) {
        int day = (week.number() - 1) * 7 + session.day();
        assertThat(made.wishes().blackout()).doesNotContain(START.plusDays(day - 1L));
        int stageWeek = Math.min(week.number(), Block.STAGE_WEEKS);
        if (looked.add(List.of(session.items(), stageWeek))) {
          session(made, session);
          session.items().forEach(item -> item(made, item, stageWeek));
          reciprocal(made.golfer(), session);
        }
      }
      drills(made, week);
    }
    strengthIsApart(made.block());
  }

  private static void session(Made made, Session session) {
    List<PlanItem> items = session.items();
    assertThat(session.seconds()).isLessThanOrEqualTo(made.wishes().minutesPerDay() * 60);
    assertThat(items.stream().filter(i -> i.role() == PlanItem.Role.EXERCISE).count())
        .isLessThanOrEqualTo(7);
    assertThat(items.stream().map(PlanItem::phase).toList()).isSorted();
    assertThat(items.stream().map(PlanItem::id)).doesNotHaveDuplicates();
    assertThat(items.stream().limit(2))
        .as("nothing cold is deep")
        .noneMatch(i -> i.role() == PlanItem.Role.EXERCISE && i.exercise().orElseThrow().deep());
    int downs = 0;
    Set<LadderId> ladders = new HashSet<>();
    for (int i = 0; i < items.size(); i++) {
      boolean before = i > 0 && items.get(i - 1).position().down();
      downs += items.get(i).position().down() && !before ? 1 : 0;
      if (items.get(i).role() == PlanItem.Role.EXERCISE) {
        Exercise exercise = items.get(i).exercise().orElseThrow();
        assertThat(ladders.add(exercise.ladder())).as("one rung a ladder").isTrue();
        if (session.seconds() >= 600) {
          assertThat(3 * items.get(i).seconds()).isLessThanOrEqualTo(session.seconds());
        }
      }
    }
    assertThat(downs).as("down and up once").isLessThanOrEqualTo(1);
  }

  private static void item(Made made, PlanItem item, int week) {
    Health health = made.golfer().health();
    switch (item.role()) {
      case ROUTINE -> assertThat(item.seconds()).isEqualTo(120);
      case DRILL -> {
        Drill drill = Catalogue.standard().drill(item.id()).orElseThrow();
        Drill.Asks asks = drill.asks(item.form().orElseThrow());
        assertThat(health.movement(asks.demands()).blocked()).isEmpty();
        assertThat(asks.tools().missing(made.wishes().tools())).isEmpty();
        assertThat(drill.schools().isEmpty() || drill.schools().contains(made.golfer().school()))
            .isTrue();
        assertThat(drill.notWhile()).noneMatch(f -> made.golfer().seen().level(f).present());
        if (item.form().get() == Drill.Form.FULL) {
          assertThat(drill.needs()).allMatch(k -> made.golfer().body().band(k).atLeastClose());
        }
      }
      default -> exercise(made, item, item.exercise().orElseThrow(), week);
    }
  }

  private static void exercise(Made made, PlanItem item, Exercise exercise, int week) {
    assertThat(exercise.tools().missing(made.wishes().tools())).isEmpty();
    assertThat(made.golfer().health().movement(exercise.demands()).blocked()).isEmpty();
    assertThat(exercise.gates()).allMatch(gate -> gate.passed(made.golfer().body(), false));
    technique(made.golfer(), exercise, week);
    Dose.Prescribed much = item.much();
    assertThat(much.reps()).isBetween(exercise.dose().repsLow(), exercise.dose().repsTop());
    assertThat(much.sets()).isBetween(exercise.dose().setsLow(), exercise.dose().setsTop());
    assertThat(item.seconds()).isEqualTo(exercise.dose().seconds(much, item.sides()));
    for (Leg leg : Leg.values()) {
      boolean done = item.only().isEmpty() || item.only().get() == leg;
      ArcPattern arc = made.golfer().body().arc(leg).orElse(ArcPattern.BALANCED);
      boolean lacks =
          arc == ArcPattern.OUT_SHIFTED && exercise.demands().contains(Demand.IR_END)
              || arc == ArcPattern.IN_SHIFTED && exercise.demands().contains(Demand.ER_END);
      assertThat(done && lacks).as("end range a shifted arc lacks").isFalse();
    }
    assertThat(exercise.kind() == Exercise.Kind.SPEED && week < 3).isFalse();
    if (item.why().purpose() instanceof Why.Serves serves) {
      assertThat(serves.needs())
          .isNotEmpty()
          .allMatch(n -> made.trainable().stream().anyMatch(t -> t.limit().kind() == n.kind()));
    }
    if (item.mostKg().isPresent()) {
      double most = made.wishes().bodyKg().map(kg -> Math.min(8, kg / 10)).orElse(4.0);
      assertThat(item.mostKg().get()).isLessThanOrEqualTo(most);
    }
  }

  /** A minor's weights and speed begin with the third week, a guardian's consent or not at all. */
  private static void technique(CaseFile golfer, Exercise exercise, int week) {
    boolean minor = golfer.health().active(Caution.UNDER_18);
    boolean hard =
        exercise.demands().stream()
            .anyMatch(Set.of(Demand.HEAVY, Demand.FAST, Demand.IMPACT)::contains);
    assertThat(minor && hard && week < 3).isFalse();
    assertThat(exercise.demands().contains(Demand.HEAVY) && week < 2).isFalse();
  }

  private static void drills(Made made, Block.Week week) {
    Map<ItemId, Integer> days = new HashMap<>();
    Set<ItemId> routines = new HashSet<>();
    week.sessions().stream()
        .flatMap(s -> s.items().stream())
        .forEach(
            i -> {
              if (i.drill()) {
                days.merge(i.id(), 1, Integer::sum);
              } else if (i.role() == PlanItem.Role.ROUTINE) {
                routines.add(i.id());
              }
            });
    assertThat(days).hasSizeLessThanOrEqualTo(2);
    assertThat(days.values()).allMatch(d -> d <= 5);
    assertThat(routines).hasSizeLessThanOrEqualTo(2);
    Seen seen = made.golfer().seen().in(made.golfer().shape());
    assertThat(SetupRoutine.of(seen).keySet().stream().limit(2).map(SetupRoutine::id))
        .containsAll(routines);
  }

  private static void strengthIsApart(Block block) {
    Map<LimitKind, Set<Integer>> hardDays = new HashMap<>();
    for (Block.Week week : block.weeks()) {
      for (Session session : week.sessions()) {
        session.items().stream()
            .map(PlanItem::exercise)
            .flatMap(Optional::stream)
            .filter(Exercise::hard)
            .flatMap(e -> e.serves().stream())
            .forEach(
                k ->
                    hardDays
                        .computeIfAbsent(k, x -> new TreeSet<>())
                        .add((week.number() - 1) * 7 + session.day()));
      }
      Map<ItemId, Long> days = new HashMap<>();
      week.sessions().stream()
          .flatMap(s -> s.items().stream())
          .filter(i -> i.exercise().filter(Exercise::hard).isPresent())
          .forEach(i -> days.merge(i.id(), 1L, Long::sum));
      assertThat(days.values()).allMatch(d -> d <= 3);
      days.forEach(
          (id, on) -> {
            boolean fast =
                Catalogue.standard().find(id).orElseThrow().kind() == Exercise.Kind.SPEED;
            assertThat(fast && on > 2).isFalse();
          });
    }
    hardDays.forEach(
        (limit, days) -> {
          List<Integer> apart = List.copyOf(days);
          for (int i = 1; i < apart.size(); i++) {
            assertThat(apart.get(i) - apart.get(i - 1)).as(limit.id()).isGreaterThanOrEqualTo(2);
          }
        });
  }

  private static void reciprocal(CaseFile golfer, Session session) {
    if (!Climbs.reciprocal(golfer.body())) {
      return;
    }
    List<ItemId> ids = session.items().stream().map(PlanItem::id).toList();
    boolean seat =
        session.items().stream()
            .filter(i -> i.role() == PlanItem.Role.EXERCISE)
            .anyMatch(
                i ->
                    Climbs.seat(i.exercise().orElseThrow())
                        && !i.exercise().get().serves().contains(LimitKind.HIP_FLEXOR));
    boolean mayFree =
        Planner.blockedBy(Catalogue.standard(), FRONT_FIRST, golfer.health()).isEmpty()
            || Planner.blockedBy(Catalogue.standard(), FRONT_STANDING, golfer.health()).isEmpty();
    if (seat && mayFree) {
      assertThat(ids).containsAnyOf(FRONT_FIRST, FRONT_STANDING);
    }
  }

  /** Rungs wait for the log: what the stage does, the weeks after it repeat. */
  @Law(tries = 120)
  void weeksAfterTheStageRepeatItAsItIs(Chance chance) {
    Made made = Made.of(chance);
    List<Block.Week> weeks = made.block().weeks();
    for (int number = 4; number <= weeks.size(); number++) {
      boolean alike =
          TrainingDays.of(made.wishes(), number).equals(TrainingDays.of(made.wishes(), 3))
              && TrainingDays.of(made.wishes(), number - 1)
                  .equals(TrainingDays.of(made.wishes(), 2));
      if (alike) {
        assertThat(weeks.get(number - 1).sessions()).isEqualTo(weeks.get(2).sessions());
      }
    }
    for (NextRung next : made.block().next()) {
      Exercise now = Catalogue.standard().find(next.instead()).orElseThrow();
      Exercise then = Catalogue.standard().find(next.then()).orElseThrow();
      assertThat(then.ladder()).isEqualTo(now.ladder());
      assertThat(then.rung()).as("no rung is jumped").isEqualTo(now.rung() + 1);
      assertThat(made.golfer().health().movement(then.demands()).blocked()).isEmpty();
      assertThat(then.tools().missing(made.wishes().tools())).isEmpty();
    }
  }

  /** Every fault has a drill of its school; every fault at address has its routine, or waits. */
  @Law(tries = 240)
  void noFaultIsLeftWithNothing(Chance chance) {
    Made made = Made.of(chance);
    for (Link link : made.judgement().links()) {
      assertThat(made.block().drills())
          .as(link.fault().id())
          .anyMatch(d -> d.fault() == link.fault());
    }
    assertThat(made.block().drills().stream().filter(DrillFor::now).map(DrillFor::drill).distinct())
        .hasSizeLessThanOrEqualTo(2);
    Assumptions.assumeFalse(made.block().notes().contains(new PlanNote.NoFreeDay()));
    Set<ItemId> told = new HashSet<>(made.block().everyId());
    made.block().notes().stream()
        .filter(PlanNote.AtPractice.class::isInstance)
        .forEach(n -> told.addAll(((PlanNote.AtPractice) n).items()));
    assertThat(told)
        .containsAll(
            made.block().drills().stream().filter(DrillFor::now).map(DrillFor::drill).toList());
    Seen seen = made.golfer().seen().in(made.golfer().shape());
    assertThat(told)
        .containsAll(
            SetupRoutine.of(seen).keySet().stream().limit(2).map(SetupRoutine::id).toList());
  }

  /** Doing nothing is an answer only with a true reason. */
  @Law(tries = 240)
  void whatIsNotDoneSaysTruthfullyWhy(Chance chance) {
    Made made = Made.of(chance);
    Set<ItemId> in = new HashSet<>(made.block().everyId());
    Set<ItemId> told = new HashSet<>(in);
    for (LeftOut left : made.block().leftOut()) {
      told.add(left.item());
      trueReason(made, left);
    }
    Catalogue.standard()
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              int highest = rungs.get(rungs.size() - 1).rung();
              int start = Math.min(StartRungs.of(ladder, made.golfer().screen()), highest);
              boolean wanted =
                  rungs.stream()
                      .filter(e -> e.rung() == start)
                      .anyMatch(
                          e ->
                              made.trainable().stream()
                                  .anyMatch(n -> n.size() * e.service(n.limit().kind()) >= 0.1));
              if (wanted) {
                assertThat(rungs).as(ladder.id()).anyMatch(e -> told.contains(e.id()));
              }
            });
    free(made);
  }

  private static void trueReason(Made made, LeftOut left) {
    Optional<Exercise> exercise = Catalogue.standard().find(left.item());
    boolean in = made.block().everyId().contains(left.item());
    assertThat(in && exercise.isPresent()).as("left out, yet in: " + left.item()).isFalse();
    Reason because = left.because();
    if (because instanceof Reason.SevenASession) {
      assertThat(made.block().weeks().stream().limit(3).flatMap(w -> w.sessions().stream()))
          .anyMatch(
              s -> s.items().stream().filter(i -> i.role() == PlanItem.Role.EXERCISE).count() == 7);
    } else if (because instanceof Reason.MissingTools missing) {
      assertThat(missing.tools())
          .isNotEmpty()
          .allMatch(either -> either.stream().noneMatch(made.wishes().tools()::contains));
    } else if (because instanceof Reason.ByCaution by) {
      assertThat(made.golfer().health().cautions()).contains(by.noted());
    } else if (because instanceof Reason.NotYet notYet && exercise.isPresent()) {
      assertThat(notYet.gate().passed(made.golfer().body(), false)).isFalse();
    } else if (because instanceof Reason.ShiftedArc arc) {
      assertThat(made.golfer().body().arc(arc.leg())).contains(arc.arc());
    } else if (because instanceof Reason.NoTime time && !time.alone()) {
      int room = made.wishes().minutesPerDay() * 60 - time.seconds();
      assertThat(made.block().weeks().stream().limit(3).flatMap(w -> w.sessions().stream()))
          .anyMatch(s -> s.seconds() + Session.BETWEEN_ITEMS + 4 * Session.CHANGE_POSITION > room);
    } else if (because instanceof Reason.FirstNeedFirst first) {
      assertThat(first.first()).isEqualTo(made.trainable().get(0).limit().kind());
    }
  }

  private static void free(Made made) {
    List<Session> stage =
        made.block().weeks().stream().limit(3).flatMap(w -> w.sessions().stream()).toList();
    if (stage.isEmpty()) {
      return;
    }
    double mean = stage.stream().mapToInt(Session::seconds).average().orElseThrow() / 60;
    boolean told = made.block().notes().stream().anyMatch(PlanNote.MinutesFree.class::isInstance);
    assertThat(told)
        .as("more than a quarter stays free")
        .isEqualTo(made.wishes().minutesPerDay() - mean > 0.25 * made.wishes().minutesPerDay());
  }

  /** The need ranked first gets at least as much time as any other, or the plan says why not. */
  @Law(tries = 240)
  void theFirstNeedGetsTheMostTimeOrItIsSaid(Chance chance) {
    Made made = Made.of(chance);
    List<LimitKind> ranked =
        made.trainable().stream().map(n -> n.limit().kind()).distinct().toList();
    Assumptions.assumeFalse(ranked.isEmpty());
    boolean said =
        made.block().notes().stream().anyMatch(PlanNote.FirstNeedIsShortWork.class::isInstance);
    Map<LimitKind, Integer> seconds = new HashMap<>();
    for (Session session : made.block().weeks().get(2).sessions()) {
      session.items().stream()
          .filter(i -> i.role() == PlanItem.Role.EXERCISE)
          .forEach(
              i -> purpose(i, ranked).ifPresent(k -> seconds.merge(k, i.seconds(), Integer::sum)));
    }
    int first = seconds.getOrDefault(ranked.get(0), 0);
    if (!said) {
      assertThat(seconds.values()).allMatch(s -> s <= first);
    }
  }

  /** What an item is mainly for: the largest need among those it serves best. */
  private static Optional<LimitKind> purpose(PlanItem item, List<LimitKind> ranked) {
    if (!(item.why().purpose() instanceof Why.Serves serves)) {
      return Optional.empty();
    }
    boolean fully = serves.needs().stream().anyMatch(Why.Served::fully);
    List<LimitKind> best =
        serves.needs().stream().filter(n -> n.fully() == fully).map(Why.Served::kind).toList();
    return ranked.stream().filter(best::contains).findFirst();
  }

  /** The trainer's hand opens nothing that a caution, a clearance or a gate keeps shut. */
  @Law(tries = 60)
  void noHandEditPlansWhatIsBlocked(Chance chance) {
    CaseFile golfer = RandomGolfers.of(chance.whole(0, 100_000_000));
    List<ItemId> all = Catalogue.standard().items();
    PlanEdits edits = PlanEdits.NONE;
    for (int i = 0; i < 4; i++) {
      edits = edits.pin(chance.one(all), Days.NONE);
    }
    Block block = Planner.plan(Judgement.of(golfer).request(golfer.wishes().orElseThrow(), edits));
    for (Block.Week week : block.weeks()) {
      for (Session session : week.sessions()) {
        for (PlanItem item : session.items()) {
          Set<Demand> demands =
              item.form()
                  .map(f -> Catalogue.standard().drill(item.id()).orElseThrow().asks(f).demands())
                  .orElseGet(() -> Catalogue.standard().demands(item.id()));
          assertThat(golfer.health().movement(demands).blocked()).isEmpty();
          item.exercise()
              .ifPresent(e -> assertThat(e.gates()).allMatch(g -> g.passed(golfer.body(), false)));
        }
      }
    }
    for (ItemId pinned : edits.pins().keySet()) {
      boolean blocked =
          Planner.blockedBy(Catalogue.standard(), pinned, golfer.health()).isPresent();
      assertThat(blocked && block.everyId().contains(pinned)).as(pinned.id()).isFalse();
    }
  }
}
