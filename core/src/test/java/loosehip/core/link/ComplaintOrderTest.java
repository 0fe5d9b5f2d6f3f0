package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
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
    RunningOrder order =
        ComplaintOrder.of(EnumSet.of(complaint), RuleBook.standard(), Handed.RIGHT);
    assertThat(order.tests()).containsAll(RunningOrder.QUICK.tests()).doesNotHaveDuplicates();
    assertThat(order.tests().size()).isBetween(8, 12);
    assertThat(order.tests().stream().map(ScreenTest::position)).isSorted();
    assertThat(ComplaintOrder.of(EnumSet.of(complaint), RuleBook.standard(), Handed.LEFT))
        .isEqualTo(order);
  }

  @Test
  void withoutAComplaintTheTwoHipOnlyTurnsAreAdded() {
    assertThat(ComplaintOrder.of(Set.of(), RuleBook.standard(), Handed.RIGHT).tests())
        .contains(ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION)
        .hasSize(9);
  }

  /** A practice that holds the shipped book's least likely cause for the likeliest asks for it. */
  @Test
  void thePracticesOwnRuleBookDecides() {
    List<Complaint> moved = new ArrayList<>();
    for (Complaint complaint : Complaint.values()) {
      RuleBook turned = turned(complaint);
      RunningOrder shipped =
          ComplaintOrder.of(EnumSet.of(complaint), RuleBook.standard(), Handed.RIGHT);
      if (!ComplaintOrder.of(EnumSet.of(complaint), turned, Handed.RIGHT).equals(shipped)) {
        moved.add(complaint);
      }
    }
    assertThat(moved).contains(Complaint.SHANK);
  }

  /** The shipped book with likely and unlikely body causes exchanged for one complaint. */
  private static RuleBook turned(Complaint complaint) {
    List<RuleBook.Own> own = new ArrayList<>();
    for (PivotFault fault : complaint.lookFirst()) {
      for (Cause cause : RuleBook.standard().causes(fault)) {
        cause
            .evidence()
            .ifPresent(s -> own.add(new RuleBook.Own(fault, cause.id(), 0.6 - cause.prior(), s)));
      }
    }
    return RuleBook.standard().with(own);
  }
}
