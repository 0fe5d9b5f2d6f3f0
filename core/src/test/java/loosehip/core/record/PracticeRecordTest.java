package loosehip.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Cause;
import loosehip.core.link.Family;
import loosehip.core.link.Likelihood;
import loosehip.core.link.PivotFault;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Triage;
import loosehip.core.measure.Change;
import loosehip.core.plan.ItemId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PracticeRecordTest {
  private static final Limit TRAIL_IN = Limit.of(LimitKind.TRAIL_IR);
  private static final ItemId DROPS = ItemId.of("seated-knee-drops");
  private static final RuleBook SHIPPED = RuleBook.standard();
  private static final Cause CAUSE =
      SHIPPED.causes(PivotFault.SWAY).stream()
          .filter(c -> c.family() == Family.BODY)
          .findFirst()
          .orElseThrow();

  private static ClosedBlock block(
      double adherence, double gain, Change change, double chance, Boolean borne) {
    return new ClosedBlock(
        adherence,
        Set.of(DROPS),
        List.of(new ClosedBlock.Gain(TRAIL_IN, Set.of(DROPS), gain, change)),
        List.of(
            new ClosedBlock.FaultSeen(
                PivotFault.SWAY, Triage.Kind.BODY_FIRST, Optional.ofNullable(borne))),
        List.of(
            new ClosedBlock.CauseCalled(
                PivotFault.SWAY, CAUSE.id(), chance, Optional.ofNullable(borne))));
  }

  private static List<ClosedBlock> blocks(int n) {
    Random random = new Random(34);
    List<ClosedBlock> blocks = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double gain = 6 + 3 * random.nextGaussian();
      blocks.add(
          block(
              i % 10 / 9.0,
              gain,
              gain > 6 ? Change.REAL : Change.WITHIN_THE_RULER,
              i % 2 == 0 ? 0.6 : 0.8,
              i % 5 == 0 ? null : i % 3 > 0));
    }
    return blocks;
  }

  @Test
  void gainsAreToldPerNeedItemAndAdherence() {
    PracticeRecord record = PracticeRecord.of(blocks(40), SHIPPED);
    Gains gains = record.byNeed().get(TRAIL_IN);
    assertThat(gains.blocks()).isEqualTo(40);
    assertThat(gains.real().were()).isEqualTo(gains.sorted().stream().filter(g -> g > 6).count());
    assertThat(gains.median().orElseThrow().low()).isLessThan(gains.middle());
    assertThat(record.byItem().get(DROPS)).isEqualTo(gains);
    assertThat(
            record.byNeedAndAdherence().get(TRAIL_IN).values().stream()
                .mapToInt(Gains::blocks)
                .sum())
        .isEqualTo(40);
    assertThat(record.byNeedAndAdherence().get(TRAIL_IN)).hasSize(3);
  }

  /** An exercise that served three needs of a block is one block, told by the first of them. */
  @Test
  void aBlockCountsOnceForAnExercise() {
    ClosedBlock.Gain first = new ClosedBlock.Gain(TRAIL_IN, Set.of(DROPS), 7, Change.REAL);
    ClosedBlock.Gain second =
        new ClosedBlock.Gain(Limit.of(LimitKind.LEAD_IR), Set.of(DROPS), 1, Change.LIKELY);
    PracticeRecord record =
        PracticeRecord.of(
            List.of(
                new ClosedBlock(1, Set.of(DROPS), List.of(first, second), List.of(), List.of())),
            SHIPPED);
    assertThat(record.byItem().get(DROPS).sorted()).containsExactly(7.0);
    assertThat(record.byNeed()).hasSize(2);
  }

  /** A loss is never a real gain, however clear it is. */
  @Test
  void aRealLossIsNoGain() {
    PracticeRecord record =
        PracticeRecord.of(List.of(block(1, -9, Change.REAL, 0.6, true)), SHIPPED);
    assertThat(record.byNeed().get(TRAIL_IN).real()).isEqualTo(new Share(0, 1));
    assertThat(record.byNeed().get(TRAIL_IN).median()).isEmpty();
  }

  @Test
  void verdictsAndChancesAreHeldAgainstWhatCame() {
    PracticeRecord record = PracticeRecord.of(blocks(40), SHIPPED);
    Share body = record.triage().get(Triage.Kind.BODY_FIRST);
    assertThat(body.of()).as("not looked at is neither").isEqualTo(32);
    assertThat(record.triage()).hasSize(1);
    int all = record.calibration().values().stream().mapToInt(Share::of).sum();
    assertThat(all).isEqualTo(32);
    assertThat(record.calibration()).containsKeys(Likelihood.LIKELY, Likelihood.VERY_LIKELY);
  }

  @ParameterizedTest(name = "shipped {0}, {1} of {2} borne out: {3}")
  @CsvSource({
    "0.30, 0, 0, 0.30",
    "0.30, 14, 20, 0.50",
    "0.30, 0, 20, 0.15",
    "0.30, 20, 20, 0.65",
    "0.85, 200, 200, 0.90",
    "0.02, 0, 900, 0.01",
  })
  void theShippedWeightCountsAsTwentyBlocks(double shipped, int were, int of, double offered) {
    WeightOffer offer =
        WeightOffer.of(
            PivotFault.SWAY,
            CAUSE.id(),
            shipped,
            new Share(were, of),
            RuleBook.PRIOR_LEAST,
            RuleBook.PRIOR_MOST);
    assertThat(offer.offered()).isEqualTo(offered);
  }

  @Test
  void weightsAreOfferedFromTwentyBlocksOn() {
    assertThat(PracticeRecord.of(blocks(19), SHIPPED).offers()).isEmpty();
    assertThat(PracticeRecord.of(blocks(20), SHIPPED).offers())
        .singleElement()
        .satisfies(
            o -> {
              assertThat(o.shipped()).isEqualTo(CAUSE.prior());
              assertThat(o.borne().of()).isEqualTo(16);
            });
  }

  @Test
  void theOrderOfBlocksSaysNothing() {
    List<ClosedBlock> blocks = new ArrayList<>(blocks(30));
    PracticeRecord before = PracticeRecord.of(blocks, SHIPPED);
    Collections.shuffle(blocks, new Random(1));
    assertThat(PracticeRecord.of(blocks, SHIPPED)).isEqualTo(before);
    assertThat(PracticeRecord.of(List.of(), SHIPPED).byNeed()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "0, UNDER_HALF",
    "0.499, UNDER_HALF",
    "0.5, HALF_TO_MOST",
    "0.8, HALF_TO_MOST",
    "0.801, MOST",
    "1, MOST"
  })
  void adherenceHasThreeBands(double share, AdherenceBand band) {
    assertThat(AdherenceBand.of(share)).isEqualTo(band);
  }
}
