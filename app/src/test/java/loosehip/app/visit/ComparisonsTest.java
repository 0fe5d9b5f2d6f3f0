package loosehip.app.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFile.EarlierVisit;
import loosehip.core.measure.Change;
import org.junit.jupiter.api.Test;

class ComparisonsTest {
  private static final EarlierVisit SPRING =
      visit(
          LocalDate.of(2026, 3, 3),
          "seated-rotation.right.internal 24 26 25",
          "side-hip-hold.right 9 9 9 9 9",
          "trunk-turn.left 40",
          "squat-depth partial");
  private static final EarlierVisit AUTUMN =
      visit(
          LocalDate.of(2026, 11, 3),
          "seated-rotation.right.internal 31 33 32",
          "side-hip-hold.right 1 1 1 1 1",
          "hinge-contact 40",
          "squat-depth parallel");
  private static final Workup WORKUP = GolferText.workup("who.handed=left");

  private static EarlierVisit visit(LocalDate on, String... lines) {
    return new EarlierVisit(
        "v" + on,
        on,
        Map.of(),
        Stream.of(lines).flatMap(l -> GolferText.tries(l).stream()).toList());
  }

  /** The worked retest: 7.0 against an MDC of 7.33 is likely, not real. */
  @Test
  void everyDifferenceIsHeldAgainstItsOwnRuler() {
    Comparison c = Comparisons.of(WORKUP, SPRING, AUTUMN);
    Comparison.Pair hip = c.numbers().get(1);
    assertThat(hip.title()).isEqualTo("Seated hip turn, inward");
    assertThat(hip.side()).isEqualTo("lead (R)");
    assertThat(hip.change()).isEqualTo("+7.0°");
    assertThat(hip.verdict()).isEqualTo(Change.LIKELY);
    assertThat(hip.ruler()).isEqualTo("7.3°");
    Comparison.Pair drop = c.numbers().get(0);
    assertThat(drop.change()).isEqualTo("-8.0°");
    assertThat(drop.verdict()).isEqualTo(Change.REAL);
    assertThat(drop.better()).isTrue();
    assertThat(c.counted())
        .isEqualTo(
            "2 measured at both: 1 really better, 0 really worse, 1 likely changed, 0 within the"
                + " ruler");
  }

  @Test
  void wordsAndWhatWasMeasuredOnlyOnceAreNamed() {
    Comparison c = Comparisons.of(WORKUP, SPRING, AUTUMN);
    assertThat(c.words())
        .containsExactly(new Comparison.WordPair("Squat depth", "partial", "parallel", true));
    assertThat(c.onlyOnce())
        .containsExactly(
            "Hinge with three contacts, now only", "Seated trunk turn, trail (L), then only");
  }

  @Test
  void theMarksOfADrawingStayOnIt() {
    List<Comparison.Pair> pairs = Comparisons.of(WORKUP, SPRING, AUTUMN).numbers();
    assertThat(pairs)
        .allSatisfy(
            p ->
                assertThat(
                        List.of(
                            p.track().before(),
                            p.track().after(),
                            p.track().rulerLow(),
                            p.track().rulerHigh(),
                            p.track().enough(),
                            p.track().close()))
                    .allSatisfy(at -> assertThat(at).isBetween(8.0, 728.0)));
  }
}
