package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SeenOrderTest {

  private static Seen clear(PivotFault fault) {
    return new Seen(Map.of(), Map.of(fault, Level.CLEAR), Map.of(), Set.of());
  }

  /** The tests behind each body cause of the fault are in it, and nothing else. */
  @ParameterizedTest
  @EnumSource(PivotFault.class)
  void itHoldsTheTestsThatWouldSettleTheFault(PivotFault fault) {
    RunningOrder order =
        SeenOrder.of(clear(fault), RuleBook.standard(), Handed.RIGHT).orElseThrow();
    assertThat(order.id()).isEqualTo(RunningOrder.BY_SEEN);
    assertThat(order.tests().stream().map(ScreenTest::position)).isSorted();
    Set<ScreenTest> behind =
        RuleBook.standard().causes(fault).stream()
            .flatMap(c -> c.limit().stream())
            .flatMap(l -> Evidence.judged(fault, l).tests().stream())
            .collect(java.util.stream.Collectors.toSet());
    assertThat(order.tests()).isNotEmpty().allMatch(behind::contains);
    assertThat(SeenOrder.of(clear(fault), RuleBook.standard(), Handed.LEFT)).contains(order);
  }

  @Test
  void aStanceSeenMakesAnOrderTooAndNothingSeenMakesNone() {
    Seen tucked = new Seen(Map.of(SetupFault.TUCKED, Level.CLEAR), Map.of(), Map.of(), Set.of());
    assertThat(SeenOrder.of(tucked, RuleBook.standard(), Handed.RIGHT)).isPresent();
    assertThat(SeenOrder.of(Seen.NOTHING, RuleBook.standard(), Handed.RIGHT)).isEmpty();
    assertThat(
            SeenOrder.of(
                new Seen(Map.of(), Map.of(PivotFault.SWAY, Level.NONE), Map.of(), Set.of()),
                RuleBook.standard(),
                Handed.RIGHT))
        .isEmpty();
  }

  /** Within a position the most informative a minute comes first. */
  @Test
  void theMostInformativeAMinuteComesFirstInItsPosition() {
    RunningOrder order =
        SeenOrder.of(clear(PivotFault.SWAY), RuleBook.standard(), Handed.RIGHT).orElseThrow();
    assertThat(SeenOrder.informative(clear(PivotFault.SWAY), RuleBook.standard(), Handed.RIGHT))
        .containsExactlyInAnyOrderElementsOf(order.tests())
        .filteredOn(t -> t.position() == order.tests().get(0).position())
        .containsExactlyElementsOf(
            order.tests().stream()
                .filter(t -> t.position() == order.tests().get(0).position())
                .toList());
  }
}
