package loosehip.app.record;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.progress.Moments;
import loosehip.app.store.Account;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Homework;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Level;
import loosehip.core.link.Likelihood;
import loosehip.core.link.Link;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.Source;
import loosehip.core.measure.Band;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.Measurement;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.record.ClosedBlock;
import org.springframework.stereotype.Component;

/**
 * The closed blocks of a practice: those whose golfer was measured again at the retest. A block is
 * told by its last version; it starts from the visit nearest before its first day.
 */
@Component
class ClosedBlocks {
  /** A visit so many days before the retest counts as the retest. */
  private static final int EARLY_DAYS = 7;

  /** A visit so many days after the first day still counts as the start. */
  private static final int LATE_DAYS = 3;

  private static final int PRACTICES_AT_HAND = 4;

  /** The blocks of a practice as they stood after so many writes, on a day. */
  private record Of(String practiceId, long edition, LocalDate on) {}

  private final Cache<Of, List<ClosedBlock>> atHand =
      Caffeine.newBuilder().maximumSize(PRACTICES_AT_HAND).build();

  private final Golfers golfers;
  private final GolferFiles files;
  private final Clock clock;
  private final Workups workups;
  private final Plans plans;
  private final Moments moments;
  private final Homework homework;

  ClosedBlocks(
      Golfers golfers,
      GolferFiles files,
      Workups workups,
      Plans plans,
      Moments moments,
      Homework homework,
      Clock clock) {
    this.files = files;
    this.clock = clock;
    this.golfers = golfers;
    this.workups = workups;
    this.plans = plans;
    this.moments = moments;
    this.homework = homework;
  }

  /** Every closed block, in no order that says whose it is; kept until the next write. */
  List<ClosedBlock> of(Account account) {
    return List.copyOf(
        atHand.get(
            new Of(account.practiceId(), files.edition(), LocalDate.now(clock)),
            of -> worked(account)));
  }

  private List<ClosedBlock> worked(Account account) {
    List<ClosedBlock> all = new ArrayList<>();
    for (Glance glance : golfers.all(account.practiceId())) {
      Workup now = workups.openToWrite(account, glance.golferId());
      if (now.file().given().isPresent()) {
        all.addAll(of(now));
      }
    }
    return all;
  }

  private List<ClosedBlock> of(Workup now) {
    List<Plans.Plan> versions = plans.earlier(now);
    List<Workup> visits = moments.of(now);
    List<Homework.Said> log = homework.of(now.file().id());
    Map<LocalDate, Plans.Plan> byStart = new LinkedHashMap<>();
    versions.forEach(v -> byStart.putIfAbsent(v.start(), v));
    List<ClosedBlock> closed = new ArrayList<>();
    byStart.forEach(
        (start, plan) -> {
          Optional<Workup> before =
              visits.stream()
                  .filter(v -> !v.file().visitOn().isAfter(start.plusDays(LATE_DAYS)))
                  .reduce((a, b) -> b);
          LocalDate due = plan.block().retest().minusDays(EARLY_DAYS);
          Optional<Workup> after =
              visits.stream().filter(v -> !v.file().visitOn().isBefore(due)).findFirst();
          if (before.isPresent() && after.isPresent()) {
            closed.add(block(before.get(), after.get(), plan, versions, log));
          }
        });
    return closed;
  }

  private static ClosedBlock block(
      Workup before,
      Workup after,
      Plans.Plan plan,
      List<Plans.Plan> versions,
      List<Homework.Said> log) {
    List<PlanItem> items =
        plan.block().weeks().stream()
            .flatMap(w -> w.sessions().stream())
            .flatMap(s -> s.items().stream())
            .collect(
                Collectors.collectingAndThen(
                    Collectors.toMap(PlanItem::id, i -> i, (a, b) -> a, LinkedHashMap::new),
                    m -> List.copyOf(m.values())));
    List<Link> links = new ArrayList<>(before.judgement().links());
    links.addAll(before.judgement().setupLinks());
    return new ClosedBlock(
        Sessions.kept(versions, log, plan.start(), plan.block().retest(), plan.block().retest())
            .share(),
        items.stream().map(PlanItem::id).collect(Collectors.toSet()),
        gains(before, after, items),
        links.stream()
            .map(l -> new ClosedBlock.FaultSeen(l.fault(), l.triage().kind(), gone(after, l)))
            .toList(),
        links.stream()
            .flatMap(l -> l.causes().stream().flatMap(c -> called(l, c, after).stream()))
            .toList());
  }

  /** What each need that was worked on gained, where the same was measured at both ends. */
  private static List<ClosedBlock.Gain> gains(Workup before, Workup after, List<PlanItem> items) {
    List<ClosedBlock.Gain> gains = new ArrayList<>();
    before
        .judgement()
        .needs()
        .forEach(
            need -> {
              Set<ItemId> serving = serving(need.limit().kind(), items);
              if (!serving.isEmpty()) {
                gain(need.limit(), serving, before, after).ifPresent(gains::add);
              }
            });
    return gains;
  }

  private static Set<ItemId> serving(LimitKind kind, List<PlanItem> items) {
    Set<ItemId> serving = new HashSet<>();
    for (PlanItem item : items) {
      item.exercise()
          .filter(e -> e.serves().contains(kind) || e.also().contains(kind))
          .ifPresent(e -> serving.add(e.id()));
    }
    return serving;
  }

  private static Optional<ClosedBlock.Gain> gain(
      Limit limit, Set<ItemId> serving, Workup before, Workup after) {
    List<Measurement> then = after.golfer().body().measurements(limit);
    for (Measurement from : before.golfer().body().measurements(limit)) {
      Optional<Measurement> to =
          then.stream().filter(m -> m.slot().equals(from.slot())).findFirst();
      if (to.isPresent() && !from.stoppedByPain() && !to.get().stoppedByPain()) {
        boolean more = from.slot().test().scale(from.slot().part()).moreIsBetter();
        double gained = to.get().mean() - from.mean();
        return Optional.of(
            new ClosedBlock.Gain(
                limit,
                serving,
                more ? gained : -gained,
                ErrorModel.change(
                    from.mean(), from.standardError(), to.get().mean(), to.get().standardError())));
      }
    }
    return Optional.empty();
  }

  private static Level level(Workup after, Link link) {
    return link.fault() instanceof SetupFault setup
        ? after.golfer().seen().level(setup)
        : after.golfer().seen().level((PivotFault) link.fault());
  }

  private static Optional<Boolean> gone(Workup after, Link link) {
    Level level = level(after, link);
    return level == Level.NOT_LOOKED_AT ? Optional.empty() : Optional.of(level == Level.NONE);
  }

  /** A body cause called likely, with what became of it; what was ruled out was not called. */
  private static Optional<ClosedBlock.CauseCalled> called(
      Link link, CauseChance cause, Workup after) {
    boolean likely = cause.likelihood().compareTo(Likelihood.LIKELY) >= 0;
    if (!likely || cause.rejected() || !(cause.cause().source() instanceof Source.OfLimit of)) {
      return Optional.empty();
    }
    Band band = after.golfer().body().band(of.limit());
    Optional<Boolean> borne =
        gone(after, link).filter(g -> band.measured()).map(g -> g && band == Band.ENOUGH);
    return Optional.of(
        new ClosedBlock.CauseCalled(link.fault(), cause.cause().id(), cause.chance(), borne));
  }
}
