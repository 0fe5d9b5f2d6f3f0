package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ComplaintOrderTest {

  @ParameterizedTest
  @EnumSource(Complaint.class)
  void quickIsAlwaysInItAndSomethingIsAdded(Complaint complaint) {
    RunningOrder order = ComplaintOrder.of(EnumSet.of(complaint), Handed.RIGHT);
    assertThat(order.tests()).containsAll(RunningOrder.QUICK.tests()).doesNotHaveDuplicates();
    assertThat(order.tests().size()).isBetween(8, 12);
    assertThat(order.tests().stream().map(ScreenTest::position)).isSorted();
    assertThat(ComplaintOrder.of(EnumSet.of(complaint), Handed.LEFT)).isEqualTo(order);
  }

  @Test
  void withoutAComplaintTheTwoHipOnlyTurnsAreAdded() {
    assertThat(ComplaintOrder.of(Set.of(), Handed.RIGHT).tests())
        .contains(ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION)
        .hasSize(9);
  }
}
