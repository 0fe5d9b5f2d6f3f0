package loosehip.app.plan;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.PlanVersions;
import loosehip.core.plan.Block;
import loosehip.core.plan.BlockSpan;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanChanges;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PlanRequest;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Passage;
import org.springframework.stereotype.Component;

/** The plan of a golfer: the version given, or what the planner proposes while none is. */
@Component
public class Plans {
  private static final int PLANS_AT_HAND = 40;
  private static final int MINUTES_AT_HAND = 20;

  private final PlanVersions versions;
  private final Workups workups;
  private final Clock clock;

  /** Plans as they were read; what is kept of a version never changes. */
  private final LoadingCache<String, PlanDocument> read =
      Caffeine.newBuilder()
          .maximumSize(PLANS_AT_HAND)
          .expireAfterAccess(MINUTES_AT_HAND, TimeUnit.MINUTES)
          .build(PlanDocument::read);

  Plans(PlanVersions versions, Workups workups, Clock clock) {
    this.workups = workups;
    this.versions = versions;
    this.clock = clock;
    workups.forgetAlso(read::invalidateAll);
  }

  /**
   * A plan.
   *
   * @param kept the version it is; empty while it is only proposed
   * @param edits what the trainer decided about it
   * @param block what is done
   * @param minutes minutes the golfer can give a day
   * @param struck items that must not be done as things stand
   */
  public record Plan(
      Optional<PlanVersions.Version> kept,
      PlanEdits edits,
      Block block,
      int minutes,
      Map<ItemId, Workup.Struck> struck) {

    /** Its first day. */
    public LocalDate start() {
      return block.span().start();
    }

    /** The week of the block a day is in; the first before it, the last after it. */
    public int week(LocalDate day) {
      return block.span().heldWeek(day);
    }

    /** Whether it must not be done as it stands. */
    public boolean unsafe() {
      return struck.values().stream().anyMatch(s -> !(s instanceof Workup.BySchool));
    }

    /** The same as the one to be changed. */
    PlanChanges.InHand inHand(Set<ItemId> stopped) {
      return new PlanChanges.InHand(block, edits, kept.isPresent(), stopped);
    }
  }

  /** The plan in force, or the one proposed; empty when there is nothing to show. */
  public Optional<Plan> of(Workup workup) {
    if (workup.golfer().health().refer()) {
      return Optional.empty();
    }
    return versions
        .current(workup.file().id())
        .map(kept -> given(workup, kept))
        .or(() -> proposed(workup, PlanEdits.NONE));
  }

  private Plan given(Workup workup, PlanVersions.Version kept) {
    PlanDocument given = read.get(kept.content());
    Block block = given.block(workup.golfer().practice().catalogue());
    Map<ItemId, Workup.Struck> struck = new LinkedHashMap<>(workup.ofOtherSchools(block.everyId()));
    struck.putAll(
        workup.file().given().filter(g -> g.number() == kept.number()).isPresent()
            ? workup.struck()
            : workup.blocked(block.everyId()));
    return new Plan(
        Optional.of(kept), PlanDocument.edits(kept.edits()), block, given.minutes(), struck);
  }

  /**
   * What the planner makes of these decisions now. A block that runs keeps its first day and its
   * retest, unless a later start is wished for. A start in the past stands, as of a block that runs
   * on paper; where that would be over already, it begins today.
   */
  Optional<Plan> proposed(Workup workup, PlanEdits edits) {
    return request(workup, earliest(workup)).flatMap(r -> proposed(workup, r.with(edits)));
  }

  /** What a block of this golfer is planned from; empty while minutes or days are not known. */
  Optional<PlanRequest> request(Workup workup) {
    return request(workup, earliest(workup));
  }

  private static Optional<PlanRequest> request(Workup workup, LocalDate earliest) {
    return workup
        .golfer()
        .wishes()
        .filter(w -> !workup.golfer().health().refer())
        .map(w -> w.start().isBefore(earliest) ? w.from(earliest) : w)
        .map(w -> workup.judgement().request(w, PlanEdits.NONE));
  }

  private static Optional<Plan> proposed(Workup workup, PlanRequest request) {
    return Optional.of(workup.planned(request))
        .filter(b -> !b.empty() || !b.notes().isEmpty())
        .map(b -> proposed(request, b, request.edits()));
  }

  /** A plan that is only proposed. */
  static Plan proposed(PlanRequest request, Block block, PlanEdits edits) {
    return new Plan(Optional.empty(), edits, block, request.wishes().minutesPerDay(), Map.of());
  }

  private LocalDate earliest(Workup workup) {
    LocalDate today = LocalDate.now(clock);
    return workup
        .file()
        .given()
        .map(GolferFile.PlanGiven::span)
        .filter(span -> today.isBefore(span.retest()))
        .map(BlockSpan::start)
        .or(() -> onPaper(workup, today))
        .filter(s -> s.isBefore(today))
        .orElse(today);
  }

  /** The start of a block that runs on paper already: in the past, and not over yet. */
  private static Optional<LocalDate> onPaper(Workup workup, LocalDate today) {
    return workup
        .golfer()
        .wishes()
        .filter(w -> today.isBefore(w.start().plusWeeks(w.weeks())))
        .map(Wishes::start);
  }

  /** Gives what is proposed for a block that may have begun already, as made-up golfers' have. */
  public void giveFrom(Workup workup, Account by, LocalDate earliest) {
    giveFrom(workup, by, earliest, clock.instant());
  }

  /** The same of a block that was given in the past. */
  public void giveFrom(Workup workup, Account by, LocalDate earliest, Instant at) {
    request(workup, earliest)
        .flatMap(r -> proposed(workup, r))
        .filter(p -> !p.block().empty())
        .ifPresent(p -> give(workup, by, p, "given", at));
  }

  /** Whether the start the golfer wished for is so long past that the block begins today. */
  boolean startPast(Workup workup, Plan plan) {
    return plan.kept().isEmpty()
        && workup.golfer().wishes().filter(w -> w.start().isBefore(plan.start())).isPresent();
  }

  /** Whether a plan not given yet runs on paper already. */
  boolean onPaper(Workup workup, Plan plan) {
    return plan.kept().isEmpty() && plan.start().isBefore(workup.today());
  }

  /** Whether the planner, with the same decisions, would now choose other things. */
  boolean outOfDate(Workup workup, Plan plan) {
    boolean otherSchool =
        plan.struck().values().stream().anyMatch(Workup.BySchool.class::isInstance);
    return plan.kept().isPresent()
        && (otherSchool
            || proposed(workup, plan.edits())
                .map(now -> !ids(now.block()).equals(ids(plan.block())))
                .orElse(false));
  }

  private static List<List<ItemId>> ids(Block block) {
    return block.weeks().stream()
        .map(w -> block.items(w.number()).stream().map(PlanItem::id).toList())
        .toList();
  }

  /**
   * Gives a plan as a new version, unless a caution, a sign or a clearance noted meanwhile forbids
   * it; answers whether it was given.
   */
  boolean give(Workup workup, Account by, Plan plan, String label) {
    return give(workup, by, plan, label, clock.instant());
  }

  private boolean give(Workup workup, Account by, Plan plan, String label, Instant at) {
    Block block = plan.block();
    return versions
        .give(
            workup.file(),
            by,
            new PlanVersions.New(
                label,
                PlanDocument.write(plan.edits()),
                PlanDocument.of(block, plan.minutes()).write(),
                plan.start(),
                block.retest(),
                block.everyId(),
                block.sessionDays(),
                at),
            () -> safe(by, workup.file().id(), block))
        .isPresent();
  }

  private boolean safe(Account by, String golferId, Block block) {
    Workup now = workups.openToWrite(by, golferId);
    return now.guard().refuses(Passage.MOVES).isEmpty() && now.blocked(block.everyId()).isEmpty();
  }

  /** Every version given, the newest first. */
  List<PlanVersions.Version> versions(Workup workup) {
    return versions.all(workup.file().id());
  }

  /** The plan of one version; empty when there is no such version. */
  Optional<Plan> version(Workup workup, int number) {
    return versions(workup).stream()
        .filter(k -> k.number() == number)
        .findFirst()
        .map(k -> given(workup, k));
  }

  /** The plans of every version given. */
  public List<Plan> earlier(Workup workup) {
    return versions(workup).stream().map(k -> given(workup, k)).toList();
  }
}
