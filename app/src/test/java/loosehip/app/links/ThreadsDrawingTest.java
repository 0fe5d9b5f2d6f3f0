package loosehip.app.links;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.app.golfer.GolferText;
import org.junit.jupiter.api.Test;

class ThreadsDrawingTest {
  private static final String TWO_FAULTS =
      """
      try seated-rotation.right.internal 20
      try side-hip-hold.right 2
      fault.sway=clear
      fault.early-stop=slight
      complaint.lost-distance=yes
      complaint.shank=yes
      setup-fault.pinched=slight
      """;

  @Test
  void withoutAFaultThereIsNothingToDraw() {
    assertThat(ThreadsDrawing.of(GolferText.workup("fault.sway=none"))).isEmpty();
  }

  @Test
  void faultsComplaintsAndCausesAreTied() {
    ThreadsView view = ThreadsDrawing.of(GolferText.workup(TWO_FAULTS)).orElseThrow();
    assertThat(nodes(view, "fault"))
        .containsExactly("Sway, clear", "Early stop, slight", "Pinched knee, slight");
    assertThat(nodes(view, "complaint")).containsExactly("Lost distance");
    assertThat(nodes(view, "cause"))
        .contains("Trail hip, inward", "Pinched knee")
        .doesNotHaveDuplicates();
  }

  @Test
  void thicknessFollowsTheChanceAndTheUnmeasuredIsDashed() {
    ThreadsView view = ThreadsDrawing.of(GolferText.workup(TWO_FAULTS)).orElseThrow();
    ThreadsView.Thread trail = thread(view, "Trail hip, inward behind sway");
    ThreadsView.Thread side = thread(view, "Holds still behind sway");
    ThreadsView.Thread unmeasured = thread(view, "One-leg control, trail behind sway");
    assertThat(trail.width()).isGreaterThan(side.width());
    assertThat(trail.open()).isFalse();
    assertThat(trail.style()).isEqualTo("trail");
    assertThat(unmeasured.open()).isTrue();
  }

  @Test
  void nodesOfAColumnDoNotOverlap() {
    ThreadsView view = ThreadsDrawing.of(GolferText.workup(TWO_FAULTS)).orElseThrow();
    for (String kind : List.of("cause", "fault", "complaint")) {
      List<Integer> heights =
          view.nodes().stream()
              .filter(n -> n.kind().equals(kind))
              .map(ThreadsView.Node::y)
              .sorted()
              .toList();
      int least = kind.equals("fault") ? 60 : 34;
      for (int i = 1; i < heights.size(); i++) {
        assertThat(heights.get(i) - heights.get(i - 1)).as(kind).isGreaterThanOrEqualTo(least);
      }
      assertThat(heights).allMatch(y -> y > 10 && y < view.height() - 10);
    }
  }

  @Test
  void underABodyCauseStandsItsNumber() {
    ThreadsView view = ThreadsDrawing.of(GolferText.workup(TWO_FAULTS)).orElseThrow();
    assertThat(view.nodes())
        .filteredOn(n -> n.title().equals("Trail hip, inward"))
        .singleElement()
        .satisfies(n -> assertThat(n.sub()).isEqualTo("20.0 ± 3.6: short"));
  }

  private static List<String> nodes(ThreadsView view, String kind) {
    return view.nodes().stream()
        .filter(n -> n.kind().equals(kind))
        .map(ThreadsView.Node::title)
        .toList();
  }

  private static ThreadsView.Thread thread(ThreadsView view, String words) {
    return view.threads().stream()
        .filter(t -> t.words().startsWith(words))
        .findFirst()
        .orElseThrow(() -> new AssertionError(words));
  }
}
