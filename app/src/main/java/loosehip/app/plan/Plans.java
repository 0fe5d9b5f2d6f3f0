package loosehip.app.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.Bench;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.PlanVersions;
import loosehip.core.casefile.Assessment;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Wishes;
import org.springframework.stereotype.Component;

/** The plan of a golfer: the version given, or what the planner proposes while none is. */
@Component
public class Plans {
  private final PlanVersions versions;
  private final Clock clock;

  Plans(PlanVersions versions, Clock clock) {
    this.versions = versions;
    this.clock = clock;
  }

  /**
   * A plan.
   *
   * @param kept the version it is; empty while it is only proposed
   * @param edits what the trainer decided about it
   * @param block what is done
   * @param start first day
   * @param minutes minutes the golfer can give a day
   * @param struck items a caution noted since now blocks, with the reason
   */
  public record Plan(
      Optional<PlanVersions.Kept> kept,
      PlanEdits edits,
      Block block,
      LocalDate start,
      int minutes,
      Map<String, String> struck) {
    /** The week of the block a day is in; the first before it, the last after it. */
    public int week(LocalDate day) {
      return Math.max(1, Math.min(block.weeks().size(), block.week(day)));
    }

    /** Whether it must not be done as it stands. */
    public boolean unsafe() {
      return !struck.isEmpty();
    }
  }

  /** The plan in force, or the one proposed; empty when there is nothing to show. */
  public Optional<Plan> of(Bench bench) {
    if (bench.golfer().health().refer()) {
      return Optional.empty();
    }
    return versions
        .current(bench.file().id())
        .map(kept -> given(bench, kept))
        .or(() -> proposed(bench, PlanEdits.NONE));
  }

  private static Plan given(Bench bench, PlanVersions.Kept kept) {
    PlanText.Given given = PlanText.read(kept.content(), bench.golfer().catalogue());
    return new Plan(
        Optional.of(kept),
        PlanText.edits(kept.edits()),
        given.block(),
        given.start(),
        given.minutes(),
        bench.file().given().filter(g -> g.number() == kept.number()).isPresent()
            ? bench.struck()
            : bench.blocked(given.block().everyId()));
  }

  /**
   * What the planner makes of these decisions now. A block that runs keeps its first day and its
   * retest, unless a later start is wished for; without one, a start that is past becomes today.
   */
  Optional<Plan> proposed(Bench bench, PlanEdits edits) {
    return proposed(bench, edits, earliest(bench));
  }

  private LocalDate earliest(Bench bench) {
    LocalDate today = LocalDate.now(clock);
    return bench
        .file()
        .given()
        .filter(g -> today.isBefore(g.retest()))
        .map(GolferFile.PlanGiven::start)
        .filter(s -> s.isBefore(today))
        .orElse(today);
  }

  /**
   * The same decisions with an item out. The rest stays as it is where that can be: first by
   * itself, else held; only what the rules then push out goes as well.
   */
  PlanEdits without(Bench bench, Plan now, String item) {
    PlanEdits out = now.edits().leave(item);
    List<String> others = now.block().everyId().stream().filter(i -> !i.equals(item)).toList();
    if (keeps(bench, out, others)) {
      return out;
    }
    PlanEdits held = out;
    for (String other : others) {
      held = held.pins().containsKey(other) ? held : held.pin(other, Set.of());
    }
    return keeps(bench, held, others) ? held : out;
  }

  private boolean keeps(Bench bench, PlanEdits edits, List<String> items) {
    return proposed(bench, edits).filter(p -> p.block().everyId().containsAll(items)).isPresent();
  }

  /** What a plan has that another has not, the drills among it. */
  static List<String> added(Plan before, Plan after) {
    List<String> had = before.block().everyId();
    return after.block().everyId().stream().filter(i -> !had.contains(i)).toList();
  }

  /** The same for a block that may have begun already, as made-up golfers' have. */
  public void giveFrom(Bench bench, Account by, LocalDate earliest) {
    proposed(bench, PlanEdits.NONE, earliest)
        .filter(p -> !p.block().empty())
        .ifPresent(p -> give(bench, by, p, "given"));
  }

  private static Optional<Plan> proposed(Bench bench, PlanEdits edits, LocalDate earliest) {
    Optional<Wishes> wishes =
        bench.golfer().wishes().map(w -> w.start().isBefore(earliest) ? w.from(earliest) : w);
    return wishes.flatMap(
        w ->
            Assessment.of(bench.golfer().with(edits).with(w))
                .plan()
                .filter(b -> !b.empty() || !b.notes().isEmpty())
                .map(
                    b ->
                        new Plan(
                            Optional.empty(), edits, b, w.start(), w.minutesPerDay(), Map.of())));
  }

  /** Whether the start the golfer wished for is past while no plan was given. */
  boolean startPast(Bench bench, Plan plan) {
    return plan.kept().isEmpty()
        && bench.golfer().wishes().filter(w -> w.start().isBefore(plan.start())).isPresent();
  }

  /** Whether the planner, with the same decisions, would now choose other things. */
  boolean outOfDate(Bench bench, Plan plan) {
    return plan.kept().isPresent()
        && proposed(bench, plan.edits())
            .map(now -> !ids(now.block()).equals(ids(plan.block())))
            .orElse(false);
  }

  private static List<List<String>> ids(Block block) {
    return block.weeks().stream()
        .map(w -> block.items(w.number()).stream().map(PlanItem::id).toList())
        .toList();
  }

  /** Gives a plan as a new version. */
  void give(Bench bench, Account by, Plan plan, String label) {
    Block block = plan.block();
    versions.give(
        bench.file(),
        by,
        new PlanVersions.New(
            label,
            PlanText.write(plan.edits()),
            PlanText.write(new PlanText.Given(block, plan.start(), plan.minutes())),
            plan.start(),
            block.retest(),
            block.everyId()));
  }

  /** Every version given, the newest first. */
  List<PlanVersions.Kept> versions(Bench bench) {
    return versions.all(bench.file().id());
  }

  /** The plan of one version; empty when there is no such version. */
  Optional<Plan> version(Bench bench, int number) {
    return versions(bench).stream()
        .filter(k -> k.number() == number)
        .findFirst()
        .map(k -> given(bench, k));
  }

  /** The plans of every version given. */
  public List<Plan> earlier(Bench bench) {
    return versions(bench).stream().map(k -> given(bench, k)).toList();
  }
}
