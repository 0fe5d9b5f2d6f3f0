package loosehip.core.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import loosehip.core.limit.Limit;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.Likelihood;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Triage;
import loosehip.core.plan.ItemId;

/**
 * What a practice's closed blocks say.
 *
 * @param blocks how many there are
 * @param byNeed gains per need, the most frequent first
 * @param byNeedAndAdherence the same by how much was done
 * @param byItem what a block gained in the first of its needs that an item served, the most
 *     frequent item first
 * @param triage how often a fault was gone at the retest, by where it was said to start
 * @param calibration how often what was called so was borne out
 * @param offers weights the practice's own blocks would give; empty while there are too few
 */
public record PracticeRecord(
    int blocks,
    Map<Limit, Gains> byNeed,
    Map<Limit, Map<AdherenceBand, Gains>> byNeedAndAdherence,
    Map<ItemId, Gains> byItem,
    Map<Triage.Kind, Share> triage,
    Map<Likelihood, Share> calibration,
    List<WeightOffer> offers) {

  /**
   * The record of these blocks. Pure: their order says nothing.
   *
   * @param shipped the rule book as it ships
   */
  public static PracticeRecord of(List<ClosedBlock> blocks, RuleBook shipped) {
    Map<Limit, List<ClosedBlock.Gain>> needs = new LinkedHashMap<>();
    Map<Limit, Map<AdherenceBand, List<ClosedBlock.Gain>>> bands = new LinkedHashMap<>();
    Map<ItemId, List<ClosedBlock.Gain>> items = new LinkedHashMap<>();
    for (ClosedBlock block : blocks) {
      Set<ItemId> told = new HashSet<>();
      for (ClosedBlock.Gain gain : block.gains()) {
        needs.computeIfAbsent(gain.limit(), l -> new ArrayList<>()).add(gain);
        bands
            .computeIfAbsent(gain.limit(), l -> new EnumMap<>(AdherenceBand.class))
            .computeIfAbsent(AdherenceBand.of(block.adherence()), b -> new ArrayList<>())
            .add(gain);
        gain.items().stream()
            .filter(told::add)
            .forEach(item -> items.computeIfAbsent(item, i -> new ArrayList<>()).add(gain));
      }
    }
    return new PracticeRecord(
        blocks.size(),
        mostFrequent(needs, Limit::title),
        bands.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> gains(e.getValue()))),
        mostFrequent(items, ItemId::id),
        triage(blocks),
        calibration(blocks),
        blocks.size() < WeightOffer.FROM_BLOCKS ? List.of() : offers(blocks, shipped));
  }

  private static Map<AdherenceBand, Gains> gains(Map<AdherenceBand, List<ClosedBlock.Gain>> lists) {
    Map<AdherenceBand, Gains> gains = new EnumMap<>(AdherenceBand.class);
    lists.forEach((band, list) -> gains.put(band, Gains.of(list)));
    return gains;
  }

  private static <K> Map<K, Gains> mostFrequent(
      Map<K, List<ClosedBlock.Gain>> lists, Function<K, String> name) {
    return lists.entrySet().stream()
        .sorted(
            Comparator.comparing((Map.Entry<K, List<ClosedBlock.Gain>> e) -> -e.getValue().size())
                .thenComparing(e -> name.apply(e.getKey())))
        .collect(
            Collectors.toMap(
                Map.Entry::getKey, e -> Gains.of(e.getValue()), (a, b) -> a, LinkedHashMap::new));
  }

  private static Map<Triage.Kind, Share> triage(List<ClosedBlock> blocks) {
    Map<Triage.Kind, Share> shares = new EnumMap<>(Triage.Kind.class);
    for (Triage.Kind kind : Triage.Kind.values()) {
      List<Boolean> gone =
          blocks.stream()
              .flatMap(b -> b.faults().stream())
              .filter(f -> f.triage() == kind)
              .flatMap(f -> f.gone().stream())
              .toList();
      if (!gone.isEmpty()) {
        shares.put(kind, share(gone));
      }
    }
    return shares;
  }

  private static Map<Likelihood, Share> calibration(List<ClosedBlock> blocks) {
    Map<Likelihood, Share> shares = new EnumMap<>(Likelihood.class);
    for (Likelihood called : List.of(Likelihood.LIKELY, Likelihood.VERY_LIKELY)) {
      List<Boolean> borne = borne(blocks, c -> Likelihood.of(c.chance()) == called);
      if (!borne.isEmpty()) {
        shares.put(called, share(borne));
      }
    }
    return shares;
  }

  private static List<WeightOffer> offers(List<ClosedBlock> blocks, RuleBook shipped) {
    record Rule(Fault fault, CauseId cause) {}
    return blocks.stream()
        .flatMap(b -> b.causes().stream())
        .map(c -> new Rule(c.fault(), c.cause()))
        .distinct()
        .flatMap(
            rule ->
                shipped
                    .cause(rule.fault(), rule.cause())
                    .map(
                        cause ->
                            WeightOffer.of(
                                rule.fault(),
                                rule.cause(),
                                cause.prior(),
                                share(
                                    borne(
                                        blocks,
                                        c ->
                                            c.fault().equals(rule.fault())
                                                && c.cause().equals(rule.cause()))),
                                RuleBook.PRIOR_LEAST,
                                RuleBook.PRIOR_MOST))
                    .stream())
        .filter(o -> o.borne().of() > 0)
        .sorted(
            Comparator.comparing((WeightOffer o) -> -o.borne().of())
                .thenComparing(o -> o.fault().id())
                .thenComparing(o -> o.cause().key()))
        .toList();
  }

  private static List<Boolean> borne(
      List<ClosedBlock> blocks, Predicate<ClosedBlock.CauseCalled> which) {
    return blocks.stream()
        .flatMap(b -> b.causes().stream())
        .filter(which)
        .flatMap(c -> c.borneOut().stream())
        .toList();
  }

  private static Share share(List<Boolean> all) {
    return new Share((int) all.stream().filter(b -> b).count(), all.size());
  }
}
