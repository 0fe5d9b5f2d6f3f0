package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Complaint;
import loosehip.core.link.Level;
import loosehip.core.link.Need;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;

/** The rules of the programme and of safety, held against golfers made up at random. */
class BlockRulesTest {
  private static final ItemId FRONT_FIRST = ItemId.of("half-kneel-front-hip");
  private static final LocalDate START = LocalDate.of(2027, 1, 11);

  private static CaseFile golfer(Random random) {
    StringBuilder sheet = new StringBuilder();
    for (String side : List.of("left", "right")) {
      for (String test : List.of("seated-rotation", "prone-rotation")) {
        for (String way : List.of("internal", "external")) {
          take(sheet, random, test + "." + side + "." + way, 8, 60);
        }
      }
      take(sheet, random, "trunk-turn." + side, 15, 60);
      take(sheet, random, "side-hip-hold." + side, 0, 14);
      take(sheet, random, "bridge-hold." + side, 1, 40);
      take(sheet, random, "leg-extension-short." + side, 0, 60);
      take(sheet, random, "hip-flexor-length." + side, -15, 15);
      take(sheet, random, "ankle-wall." + side, 2, 16);
      if (random.nextInt(3) > 0) {
        sheet.append("glute-switch.").append(side).append(".tall yes; ");
        sheet
            .append("glute-switch.")
            .append(side)
            .append(".hinged ")
            .append(random.nextBoolean() ? "no" : "yes")
            .append("; ");
      }
    }
    take(sheet, random, "hinge-contact", 15, 60);
    take(sheet, random, "front-hold", 5, 90);
    take(sheet, random, "overhead-reach", 0, 20);
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      if (random.nextInt(5) == 0) {
        faults.put(fault, random.nextBoolean() ? Level.CLEAR : Level.SLIGHT);
      }
    }
    List<NotedCaution> cautions = new ArrayList<>();
    for (Caution caution : Caution.values()) {
      if (random.nextInt(9) == 0) {
        cautions.add(
            new NotedCaution(
                caution,
                caution.sided() && random.nextBoolean() ? Optional.of(Side.LEFT) : Optional.empty(),
                "",
                new NotedCaution.Detail(
                    random.nextBoolean() ? Optional.of(random.nextInt(11)) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(1 + random.nextInt(40)) : Optional.empty(),
                    Optional.empty(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean()),
                random.nextInt(4) == 0 ? Optional.of(clearance(random)) : Optional.empty()));
      }
    }
    Set<Tool> tools = EnumSet.noneOf(Tool.class);
    for (Tool tool : Tool.values()) {
      if (random.nextInt(3) > 0) {
        tools.add(tool);
      }
    }
    int weeks = 4 + random.nextInt(5);
    Set<LocalDate> blackout = new LinkedHashSet<>();
    for (int day = 0; day < weeks * 7; day++) {
      if (random.nextInt(12) == 0) {
        blackout.add(START.plusDays(day));
      }
    }
    return new CaseFile(
        random.nextBoolean() ? Handed.RIGHT : Handed.LEFT,
        random.nextBoolean() ? Set.of(Complaint.LOST_DISTANCE) : Set.of(),
        Health.of(Set.of(), cautions),
        Screens.of(sheet.toString()),
        Setup.PLAIN,
        new Seen(Map.of(), faults, Map.of(), Set.of()),
        School.values()[random.nextInt(4)],
        Optional.of(
            new Wishes(
                1 + random.nextInt(40),
                1 + random.nextInt(7),
                weeks,
                START,
                tools,
                blackout,
                random.nextBoolean()
                    ? Optional.of(Downswing.values()[random.nextInt(4)])
                    : Optional.empty())));
  }

  private static void take(StringBuilder sheet, Random random, String slot, int low, int high) {
    if (random.nextInt(4) > 0) {
      sheet.append(slot).append(' ').append(low + random.nextInt(high - low + 1)).append("; ");
    }
  }

  @Law(tries = 400)
  void noBlockBreaksARule(Chance chance) {
    int seed = chance.whole(0, 100_000_000);
    CaseFile golfer = golfer(new Random(seed));
    Block block = Assessment.of(golfer).plan().orElseThrow();
    Wishes wishes = golfer.wishes().orElseThrow();
    assertThat(block.weeks()).hasSize(wishes.weeks());
    Map<LimitKind, List<Integer>> hardDays = new HashMap<>();
    for (Block.Week week : block.weeks()) {
      Map<ItemId, Integer> daysOf = new HashMap<>();
      Set<ItemId> drills = new HashSet<>();
      Set<LadderId> ladders = new HashSet<>();
      Set<ItemId> inWeek = new HashSet<>();
      assertThat(week.sessions()).hasSizeLessThanOrEqualTo(wishes.daysPerWeek());
      for (Session session : week.sessions()) {
        int day = (week.number() - 1) * 7 + session.day();
        assertThat(wishes.blackout()).doesNotContain(START.plusDays(day - 1L));
        assertThat(session.seconds()).isLessThanOrEqualTo(wishes.minutesPerDay() * 60);
        assertThat(session.items().stream().filter(i -> !i.drill()).count()).isLessThanOrEqualTo(7);
        assertThat(session.items().stream().map(Planner::order).toList()).isSorted();
        for (PlanItem item : session.items()) {
          daysOf.merge(item.id(), 1, Integer::sum);
          if (item.drill()) {
            drills.add(item.id());
            drill(golfer, Catalogue.standard().drill(item.id()).orElseThrow());
          } else {
            Exercise exercise = item.exercise().orElseThrow();
            exercise(golfer, exercise, item, week.number());
            if (inWeek.add(item.id())) {
              assertThat(ladders.add(exercise.ladder())).as("one rung a ladder").isTrue();
            }
            if (exercise.hard()) {
              exercise
                  .serves()
                  .forEach(k -> hardDays.computeIfAbsent(k, x -> new ArrayList<>()).add(day));
              assertThat(daysOf.get(item.id())).isLessThanOrEqualTo(3);
            }
          }
        }
        reciprocal(golfer, session);
      }
      assertThat(drills).hasSizeLessThanOrEqualTo(2);
      drills.forEach(d -> assertThat(daysOf.get(d)).isLessThanOrEqualTo(5));
    }
    hardDays.forEach(
        (limit, days) -> {
          List<Integer> apart = days.stream().distinct().sorted().toList();
          for (int i = 1; i < apart.size(); i++) {
            assertThat(apart.get(i) - apart.get(i - 1)).as(limit.id()).isGreaterThanOrEqualTo(2);
          }
        });
    nothingUsefulIsLeftUndone(golfer, block);
    everyNeedIsServedOrItIsSaidWhyNot(golfer, block);
    if (seed % 8 == 0) {
      assertThat(Assessment.of(golfer).plan()).contains(block);
    }
  }

  /** The trainer's hand opens nothing that a caution, a clearance or a gate keeps shut. */
  @Law(tries = 150)
  void noHandEditPlansWhatIsBlocked(Chance chance) {
    CaseFile golfer = golfer(new Random(chance.whole(0, 100_000_000)));
    List<ItemId> all = Catalogue.standard().items();
    PlanEdits edits = PlanEdits.NONE;
    for (int i = 0; i < 4; i++) {
      edits = edits.pin(chance.one(all), Days.NONE);
    }
    Block block = Planner.plan(Judgement.of(golfer).request(golfer.wishes().orElseThrow(), edits));
    for (ItemId item : block.everyId()) {
      caution(golfer, Catalogue.standard().demands(item));
      Catalogue.standard()
          .find(item)
          .ifPresent(e -> assertThat(e.gates()).allMatch(gate -> gate.passed(golfer.body())));
    }
    for (ItemId pinned : edits.pins().keySet()) {
      boolean blocked =
          Planner.blockedBy(Catalogue.standard(), pinned, golfer.health()).isPresent();
      assertThat(blocked && block.everyId().contains(pinned)).as(pinned.id()).isFalse();
    }
  }

  /**
   * What is said to have no room in the first week has none: on one of its days it would break the
   * minutes or the seven. Hard work has its 48 hours besides, and the seat waits for the front.
   */
  private static void nothingUsefulIsLeftUndone(CaseFile golfer, Block block) {
    Wishes wishes = golfer.wishes().orElseThrow();
    List<Integer> days = TrainingDays.of(wishes, 1).list();
    for (LeftOut left : block.leftOut()) {
      Optional<Exercise> exercise =
          Catalogue.standard()
              .find(left.item())
              .filter(e -> left.because() instanceof Reason.NoTime)
              .filter(e -> !e.hard())
              .filter(e -> !Climbs.reciprocal(golfer.body()) || !Climbs.seat(e));
      if (exercise.isPresent() && !days.isEmpty()) {
        Dose dose = exercise.get().dose();
        int takes = dose.seconds(dose.in(1, wishes.weeks()).withExtraSet());
        assertThat(days).as(left.item().id()).anyMatch(day -> full(block, day, takes, wishes));
      }
    }
  }

  /** Doing nothing is an answer only with a reason for each ladder that would serve a need. */
  private static void everyNeedIsServedOrItIsSaidWhyNot(CaseFile golfer, Block block) {
    PlanRequest request =
        Judgement.of(golfer).request(golfer.wishes().orElseThrow(), PlanEdits.NONE);
    List<Need> drivers =
        request.needs().stream()
            .filter(n -> Set.of(Band.SHORT, Band.CLOSE).contains(golfer.body().band(n.limit())))
            .limit(3)
            .toList();
    Set<ItemId> told = new HashSet<>();
    told.addAll(block.everyId());
    block.leftOut().forEach(l -> told.add(l.item()));
    Catalogue.standard()
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              Exercise start =
                  rungs.get(Math.min(StartRungs.of(ladder, golfer.screen()), rungs.size()) - 1);
              boolean wanted =
                  drivers.stream().anyMatch(n -> n.size() * start.service(n.limit().kind()) >= 0.5);
              if (wanted) {
                assertThat(rungs).as(ladder.id()).anyMatch(e -> told.contains(e.id()));
              }
            });
  }

  private static boolean full(Block block, int day, int takes, Wishes wishes) {
    Optional<Session> session =
        block.weeks().get(0).sessions().stream().filter(s -> s.day() == day).findFirst();
    int before = session.map(s -> s.seconds() + Session.BETWEEN_ITEMS).orElse(Session.SET_UP);
    long exercises =
        session.map(s -> s.items().stream().filter(i -> !i.drill()).count()).orElse(0L);
    return before + takes > wishes.minutesPerDay() * 60 || exercises >= 7;
  }

  private static void exercise(CaseFile golfer, Exercise exercise, PlanItem item, int week) {
    assertThat(golfer.wishes().orElseThrow().tools()).containsAll(exercise.tools());
    caution(golfer, exercise.demands());
    assertThat(exercise.gates()).allMatch(gate -> gate.passed(golfer.body()));
    technique(golfer, exercise, week);
    Dose.Prescribed much = item.much();
    assertThat(much.reps()).isBetween(exercise.dose().repsLow(), exercise.dose().repsTop());
    assertThat(much.sets()).isBetween(exercise.dose().setsLow(), exercise.dose().setsTop());
    assertThat(item.seconds()).isEqualTo(exercise.dose().seconds(much));
    boolean endRange =
        exercise.kind() == Exercise.Kind.RANGE
            && exercise.ladder().id().startsWith("hip-turn")
            && exercise.rung() > 1;
    for (Side side : Side.values()) {
      boolean shifted = golfer.screen().arcPattern(side).filter(a -> a.shifted()).isPresent();
      assertThat(endRange && shifted).as("end range under a shifted arc").isFalse();
    }
    assertThat(exercise.kind() == Exercise.Kind.SPEED && week < 3).isFalse();
  }

  private static void drill(CaseFile golfer, Drill drill) {
    assertThat(golfer.wishes().orElseThrow().tools()).containsAll(drill.tools());
    caution(golfer, drill.demands());
    drill.school().ifPresent(s -> assertThat(s).isEqualTo(golfer.school()));
    for (LimitKind kind : drill.needs()) {
      assertThat(golfer.body().band(Limit.of(kind)).atLeastClose()).isTrue();
    }
    assertThat(drill.faults()).anyMatch(f -> golfer.seen().level(f).present());
  }

  /** No demand of it is blocked, and whatever is changed is said with it. */
  private static void caution(CaseFile golfer, Set<Demand> demands) {
    assertThat(golfer.health().movement(demands).blocked()).isEmpty();
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

  private static Clearance clearance(Random random) {
    Set<Demand> lifts = EnumSet.noneOf(Demand.class);
    Set<Demand> blocks = EnumSet.noneOf(Demand.class);
    for (Demand demand : Demand.values()) {
      (random.nextInt(3) == 0
              ? lifts
              : random.nextInt(8) == 0 ? blocks : EnumSet.noneOf(Demand.class))
          .add(demand);
    }
    return new Clearance(
        "Dr Imrie",
        "doctor",
        Optional.of(START),
        "slowly",
        Optional.empty(),
        lifts,
        blocks,
        List.of());
  }

  private static void reciprocal(CaseFile golfer, Session session) {
    if (!Climbs.reciprocal(golfer.body())) {
      return;
    }
    boolean seat =
        session.items().stream().anyMatch(i -> i.exercise().filter(Climbs::seat).isPresent());
    boolean mayFree =
        Planner.blockedBy(Catalogue.standard(), FRONT_FIRST, golfer.health()).isEmpty();
    if (seat && mayFree) {
      assertThat(session.items()).extracting(PlanItem::id).contains(FRONT_FIRST);
    }
  }
}
